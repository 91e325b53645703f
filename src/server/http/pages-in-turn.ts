import { AsyncLocalStorage } from 'node:async_hooks'
import PQueue from 'p-queue'
import { refuse } from '../refused'

/**
 * Planners' pages are made one at a time: they are the heaviest turns of the streams' thread, and a room waits for the sum of those
 * under way.
 */
const pages = new PQueue({ concurrency: 1 })

/** Beyond so many, who asks is told to try again. */
const mostWaiting = 200

/** A running class has its pages at once. */
const isRooms = (path: string) => /^\/(wall|card|station|coach|here|pair|screen|runs)(\/|$)/.test(path)

/** Set while a page is made: one that turns out to be another, as what is not there does, waits for no second turn. */
const inTurn = new AsyncLocalStorage<true>()

/** The page whole: made when its turn comes, or at once where it is a running class's. Refused with 429 when too many wait. */
export async function pageInTurn(path: string, make: () => Promise<Response>): Promise<Response> {
  if (isRooms(path) || inTurn.getStore()) return make()
  if (pages.size >= mostWaiting)
    throw refuse('tooMany', 'busy', 'The server is making other pages. Try again in a moment.', { retryAfterSeconds: 2 })
  const whole = async () => {
    const page = await make()
    return new Response(await page.arrayBuffer(), page)
  }
  // When its turn comes, it is still for whom it was asked that it is made.
  const inItsTurn = AsyncLocalStorage.bind(() => inTurn.run(true, whole))
  return pages.add(inItsTurn, { throwOnTimeout: true })
}
