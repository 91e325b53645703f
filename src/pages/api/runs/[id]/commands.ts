import { CommandRequest } from '@core/run/events'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { takeCommand } from '@server/services/runs'

export const POST = endpoint(async ({ params, request }) => {
  const command = await readBody(request, CommandRequest)
  return json(await takeCommand((await currentHall()).id, params.id!, command))
})
