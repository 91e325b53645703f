import { CommandRequest } from '@core/run/events'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { announce } from '@server/live/bus'
import { coachedRun } from '@server/services/links'
import { takeCommand } from '@server/services/commands'

export const POST = endpoint(async ({ params, request }) => {
  const command = await readBody(request, CommandRequest)
  const { runId, taken } = await inHallOfRun(params.id!, async (hall) => {
    const runId = await coachedRun(hall, params.id!)
    return { runId, taken: await takeCommand(hall, runId, command) }
  })
  announce(runId, taken.event)
  return json(taken)
})
