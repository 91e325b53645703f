import { streamRun } from '@server/live/stream'
import { endpoint } from '@server/http/respond'
import { coachedRun } from '@server/services/links'

export const GET = endpoint(async ({ params, request }) => {
  const { run } = await coachedRun(params.id!)
  return streamRun(run.id, request, run.id === params.id ? undefined : params.id)
})
