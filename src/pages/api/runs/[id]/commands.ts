import { CommandRequest } from '@core/run/events'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'
import { takeCommand } from '@server/services/runs'

export const POST = endpoint(async ({ params, request }) => {
  const command = await readBody(request, CommandRequest)
  return json(await inHallOfRun(params.id!, async (hall) => takeCommand(hall, await coachedRun(hall, params.id!), command)))
})
