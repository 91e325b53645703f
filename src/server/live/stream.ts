import { log } from '../log'
import { refuse } from '../refused'
import { mostStreams, newsOf, onRunChange, type RunNews } from './bus'

/** A screen that hears nothing for more than twice as long takes its line for lost. */
const heartbeatMs = 5000

const againMs = 300

/** So many messages may wait to be read. */
const mostUnread = 5000

/** Streams that are open, by what there is a limit for. */
const open = new Map<string, number>()

function count(keys: readonly string[], by: 1 | -1): void {
  for (const key of keys) {
    const now = (open.get(key) ?? 0) + by
    if (now > 0) open.set(key, now)
    else open.delete(key)
  }
}

/** Who listens: to which run, from which address, and by which link, where it is one that can be taken back. */
export interface Listening {
  hallId: string
  runId: string
  address: string
  token?: string | undefined
}

const ofHall = (hallId: string) => `hall ${hallId}`

function refuseTooMany({ hallId, address, token }: Listening): void {
  const full =
    (open.get('all') ?? 0) >= mostStreams.inAll ||
    (open.get(address) ?? 0) >= mostStreams.ofAddress ||
    (open.get(ofHall(hallId)) ?? 0) >= mostStreams.ofHall ||
    (token !== undefined && (open.get(token) ?? 0) >= mostStreams.ofLink)
  if (full)
    throw refuse('tooMany', 'tooManyStreams', 'Too many screens are open here: close some, and try again.', { retryAfterSeconds: 5 })
}

/**
 * The run's events as server-sent events, from the one after `Last-Event-ID` (or `?after=`) on. Each carries its sequence number
 * as id. A `snapshot` message tells the version of the run's snapshot, first and whenever it changes; a `beat` every five seconds
 * tells that and the number of the last event, so that a screen finds out what it has missed. The stream ends when the link by
 * whose `token` it was opened is taken back.
 */
export async function streamRun(listening: Listening, request: Request): Promise<Response> {
  refuseTooMany(listening)
  const { hallId, runId, token, address } = listening
  const from = request.headers.get('last-event-id') ?? new URL(request.url).searchParams.get('after') ?? '0'
  let last = Number.isSafeInteger(Number(from)) ? Math.max(0, Number(from)) : 0
  let [version, sequence]: (number | undefined)[] = []
  let end = () => {}
  const encoder = new TextEncoder()
  const keys = ['all', ofHall(hallId), address, ...(token === undefined ? [] : [token])]

  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      let isOpen = true
      let telling: Promise<void> = Promise.resolve()
      count(keys, 1)
      const send = (text: string) => {
        if (!isOpen) return
        // Nobody reads: gone before the first word, or too slow to be of use. A screen that is still there connects anew.
        if ((controller.desiredSize ?? 0) < -mostUnread) return close()
        controller.enqueue(encoder.encode(text))
      }
      const pass = async (news: RunNews) => {
        if (token !== undefined && news.revoked.has(token)) return close()
        // A screen that claims to have seen what has not happened has to see what there is. Later, news may be older than what was
        // told at once.
        if (version === undefined && last > news.sequence) last = 0
        sequence = Math.max(sequence ?? 0, news.sequence)
        if (version === undefined || news.version > version) send(`event: snapshot\ndata: ${news.version}\n\n`)
        version = Math.max(version ?? 0, news.version)
        const fresh = news.events.filter((event) => event.sequence > last)
        // What was read for all may begin after what this screen has seen.
        const whole = news.sequence <= last || fresh[0]?.sequence === last + 1
        for (const event of whole ? fresh : (await newsOf(hallId, runId, last)).events) {
          send(`id: ${event.sequence}\nevent: run\ndata: ${JSON.stringify(event)}\n\n`)
          last = event.sequence
        }
      }
      const close = () => {
        if (!isOpen) return
        end()
        try {
          controller.close()
        } catch {
          // the reader has gone already
        }
      }
      // One after the other. What cannot be read just now is read a little later: the screen goes on by itself meanwhile.
      const tell = (news: RunNews) => {
        telling = telling
          .then(() => pass(news))
          .catch((error: unknown) => {
            log.warn({ err: error }, 'a stream could not be told')
            again()
          })
      }
      const catchUp = () => newsOf(hallId, runId, last).then(tell, again)
      const again = () => {
        if (isOpen) setTimeout(() => void catchUp(), againMs).unref()
      }
      const beat = () => send(`event: beat\ndata: ${JSON.stringify({ sequence, version })}\n\n`)
      const heartbeat = setInterval(beat, heartbeatMs)
      let unsubscribe = () => {}
      end = () => {
        isOpen = false
        count(keys, -1)
        clearInterval(heartbeat)
        unsubscribe()
      }
      // Who leaves while the answer is on its way cancels nothing: there is no reader yet.
      if (request.signal.aborted) return close()
      request.signal.addEventListener('abort', close, { once: true })
      // Soon enough that a screen hears again within a second of the app's being started anew.
      send('retry: 200\n\n')
      const rejoin = () => {
        send('event: rejoin\ndata: 1\n\n')
        close()
      }
      unsubscribe = await onRunChange(hallId, runId, { tell, rejoin })
      if (!isOpen) return unsubscribe()
      void catchUp()
    },
    cancel: () => end(),
  })
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  })
}
