import { inHallOfRun } from '@server/db/in-hall'
import { endpoint } from '@server/http/respond'
import { streamRun } from '@server/live/stream'
import { coachedRun } from '@server/services/links'

export const GET = endpoint(async ({ params, request, clientAddress }) => {
  const { hallId, runId } = await inHallOfRun(params.id!, async (hall) => ({
    hallId: hall.hallId,
    runId: await coachedRun(hall, params.id!),
  }))
  return streamRun({ hallId, runId, address: clientAddress, token: runId === params.id ? undefined : params.id }, request)
})
