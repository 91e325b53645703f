import { ClaimRequest } from '@core/run/screens/pairing'
import { inHallOfLink } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { claimCard, namesShown } from '@server/services/claims'
import { openedBy } from '@server/services/links'
import { findRun, lockedRun } from '@server/services/runs'

/** The list of names, as it stands for a device. */
export const GET = endpoint(async ({ params, url }) =>
  json(
    await inHallOfLink(params.token!, async (hall) => {
      const { runId } = await openedBy(hall, params.token!, 'names')
      const run = await findRun(hall, runId)
      return { className: run.snapshot.name, names: await namesShown(hall, run, url.searchParams.get('device') ?? undefined) }
    }),
  ),
)

/** Opens the card of somebody in the list. */
export const POST = endpoint(async ({ params, request, clientAddress }) => {
  await limitRate('claims', clientAddress)
  const { personId, device } = await readBody(request, ClaimRequest)
  const token = await inHallOfLink(params.token!, async (hall) => {
    const { runId } = await openedBy(hall, params.token!, 'names')
    return claimCard(hall, await lockedRun(hall, runId), personId, device)
  })
  return json({ path: `/card/${token}` })
})
