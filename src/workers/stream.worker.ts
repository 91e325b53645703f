import { SharedStream, type StreamMessage, type StreamRequest } from '../ui/live/shared-stream'

interface Port {
  postMessage: (message: StreamMessage) => void
  onmessage: ((message: MessageEvent<StreamRequest>) => void) | null
}

const streams = new Map<string, SharedStream>()

const scope = self as unknown as { onconnect: (event: { ports: Port[] }) => void }

scope.onconnect = ({ ports: [port] }) => {
  let leave = () => {}
  port!.onmessage = ({ data }) => {
    leave()
    leave = () => {}
    if (data.type === 'leave') return
    const { key, address, after } = data
    if (!streams.has(key)) streams.set(key, new SharedStream())
    leave = streams.get(key)!.join({ address, after, take: (message) => port!.postMessage(message) })
  }
}
