import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { openRun } from '@server/services/runs'

export const POST = endpoint(async ({ params }) => {
  const run = await openRun((await currentHall()).id, params.id!)
  return json({ id: run.id, sequence: run.sequence })
})
