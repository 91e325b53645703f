import { OwnResult } from '@core/results/put-down'
import { ownResults, putDownOwn } from '@server/actions/own-results'
import { inHallOfLink } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { openedBy } from '@server/services/links'

/** What somebody has done in this class; on the device on which they opened their card by their name, their bests too. */
export const GET = endpoint(async ({ params, url }) =>
  json(
    await inHallOfLink(params.token!, async (hall) => {
      const { runId, subject } = await openedBy(hall, params.token!, 'card')
      return ownResults(hall, runId, subject, url.searchParams.get('device') ?? '')
    }),
  ),
)

/** Put down on one's own card, where the coach allows it. */
export const PUT = endpoint(async ({ params, request, url }) => {
  await limitRate('taps', params.token!)
  const cell = await readBody(request, OwnResult)
  return json(
    await inHallOfLink(params.token!, async (hall) => {
      const { runId, subject } = await openedBy(hall, params.token!, 'card')
      await putDownOwn(hall, runId, subject, cell)
      return ownResults(hall, runId, subject, url.searchParams.get('device') ?? '')
    }),
  )
})
