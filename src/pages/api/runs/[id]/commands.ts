import { CommandRequest } from '@core/run/clock/events'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { announce } from '@server/live/bus'
import { coachedLocked } from '@server/services/links'
import { takeCommand } from '@server/services/commands'

export const POST = endpoint(async ({ params, request }) => {
  const command = await readBody(request, CommandRequest)
  const { runId, taken } = await inHallOfRun(params.id!, async (hall) => {
    const run = await coachedLocked(hall, params.id!)
    return { runId: run.id, taken: await takeCommand(hall, run, command) }
  })
  announce(runId, taken.event)
  return json(taken)
})
