import { streamRun } from '@server/live/stream'
import { endpoint } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { findRun } from '@server/services/runs'

export const GET = endpoint(async ({ params, request }) => {
  const run = await findRun((await currentHall()).id, params.id!)
  return streamRun(run.id, request)
})
