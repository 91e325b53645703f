import { OwnTap } from '@core/run/clock/events'
import { inHallOfLink } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { announce } from '@server/live/bus'
import { openedBy } from '@server/services/links'
import { tapOnCard } from '@server/services/own-taps'

/** Somebody's own rounds and finish in a part at everyone's own pace, tapped on their card where the coach allows it. */
export const POST = endpoint(async ({ params, request }) => {
  await limitRate('taps', params.token!)
  const tap = await readBody(request, OwnTap)
  const { runId, taken } = await inHallOfLink(params.token!, async (hall) => {
    const { runId, subject } = await openedBy(hall, params.token!, 'card')
    return { runId, taken: await tapOnCard(hall, runId, tap, subject) }
  })
  announce(runId, taken.event)
  return json(taken)
})
