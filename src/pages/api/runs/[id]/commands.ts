import { CommandRequest } from '@core/run/events'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'
import { takeCommand } from '@server/services/runs'

export const POST = endpoint(async ({ params, request }) => {
  const command = await readBody(request, CommandRequest)
  const { run } = await coachedRun(params.id!)
  return json(await takeCommand(run.hallId, run.id, command))
})
