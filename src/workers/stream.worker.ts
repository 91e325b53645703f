import { SharedStream, type StreamMessage } from '../ui/live/shared-stream'

/** What a page asks of the worker that all pages of the browser share: to hear of a run, or no longer to. */
export type StreamRequest = { type: 'join'; key: string; address: string; after: number } | { type: 'leave' }

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
