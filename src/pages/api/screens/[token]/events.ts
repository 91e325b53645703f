import { inHallOfLink } from '@server/db/in-hall'
import { endpoint } from '@server/http/respond'
import { streamRun } from '@server/live/stream'
import { openedBy } from '@server/services/links'

export const GET = endpoint(async ({ params, request, clientAddress }) => {
  const token = params.token!
  const { hallId, runId } = await inHallOfLink(token, async (hall) => ({ hallId: hall.hallId, runId: (await openedBy(hall, token)).runId }))
  return streamRun({ hallId, runId, address: clientAddress, token }, request)
})
