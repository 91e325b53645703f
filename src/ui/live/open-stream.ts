import { SharedStream, type StreamListener, type StreamMessage, type StreamRequest } from './shared-stream'

/**
 * Listens to a run: through the worker that all tabs of the browser share, or alone where the browser has no such worker. Returns
 * what ends it.
 */
export function openStream(key: string, listener: StreamListener): () => void {
  if (typeof SharedWorker === 'undefined') return new SharedStream().join(listener)
  let stop = () => {}
  const alone = () => {
    stop()
    stop = new SharedStream().join(listener)
  }
  try {
    const worker = new SharedWorker(new URL('../../workers/stream.worker.ts', import.meta.url), { type: 'module', name: 'vicinor-stream' })
    const ask = (request: StreamRequest) => worker.port.postMessage(request)
    const leave = () => ask({ type: 'leave' })
    worker.onerror = alone
    worker.port.onmessage = ({ data }: MessageEvent<StreamMessage>) => listener.take(data)
    ask({ type: 'join', key, address: listener.address, after: listener.after })
    // A page that comes back out of the browser's store asks anew.
    const back = (event: PageTransitionEvent) =>
      event.persisted && ask({ type: 'join', key, address: listener.address, after: listener.after })
    addEventListener('pagehide', leave)
    addEventListener('pageshow', back)
    stop = () => {
      leave()
      worker.port.close()
      removeEventListener('pagehide', leave)
      removeEventListener('pageshow', back)
    }
  } catch {
    alone()
  }
  return () => stop()
}
