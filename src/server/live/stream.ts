import { log } from '../http/respond'
import { newsOf, onRunChange, type RunNews } from './bus'

/** A screen that hears nothing for more than twice as long takes its line for lost. */
const heartbeatMs = 5000

/** So many messages may wait to be read. */
const mostUnread = 5000

/**
 * The run's events as server-sent events, from the one after `Last-Event-ID` (or `?after=`) on. Each carries its sequence
 * number as id. The stream ends when the link by whose `token` it was opened is taken back. A `snapshot` message tells the version of the run's snapshot, first and whenever it changes.
 */
export async function streamRun(runId: string, request: Request, token?: string): Promise<Response> {
  const from = request.headers.get('last-event-id') ?? new URL(request.url).searchParams.get('after') ?? '0'
  let last = Number.isSafeInteger(Number(from)) ? Math.max(0, Number(from)) : 0
  let version: number | undefined
  let end = () => {}
  const encoder = new TextEncoder()

  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let open = true
      let telling: Promise<void> = Promise.resolve()
      const send = (text: string) => {
        if (!open) return
        // Nobody reads: gone before the first word, or too slow to be of use. A screen that is still there connects anew.
        if ((controller.desiredSize ?? 0) < -mostUnread) return close()
        controller.enqueue(encoder.encode(text))
      }
      const pass = async (news: RunNews) => {
        if (token !== undefined && news.revoked.has(token)) return close()
        if (news.version !== version) send(`event: snapshot\ndata: ${news.version}\n\n`)
        version = news.version
        const fresh = news.events.filter((event) => event.sequence > last)
        // What was read for all may begin after what this screen has seen.
        const whole = fresh.length === 0 || fresh[0]!.sequence === last + 1
        for (const event of whole ? fresh : (await newsOf(runId, last)).events) {
          send(`id: ${event.sequence}\nevent: run\ndata: ${JSON.stringify(event)}\n\n`)
          last = event.sequence
        }
      }
      const close = () => {
        if (!open) return
        end()
        try {
          controller.close()
        } catch {
          // the reader has gone already
        }
      }
      // One after the other; when one fails, the screen connects anew and says what it has seen.
      const tell = (news: RunNews | Promise<RunNews>) => {
        telling = telling.then(async () => pass(await news)).catch((error: unknown) => {
          log.warn(error)
          close()
        })
      }
      const heartbeat = setInterval(() => send('event: beat\ndata: 1\n\n'), heartbeatMs)
      let unsubscribe = () => {}
      end = () => {
        open = false
        clearInterval(heartbeat)
        unsubscribe()
      }
      // Who leaves while the answer is on its way cancels nothing: there is no reader yet.
      if (request.signal.aborted) return close()
      request.signal.addEventListener('abort', close, { once: true })
      send('retry: 500\n\n')
      try {
        unsubscribe = await onRunChange(runId, last, tell)
        if (!open) unsubscribe()
        tell(newsOf(runId, last))
      } catch {
        close()
      }
    },
    cancel: () => end(),
  })
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  })
}
