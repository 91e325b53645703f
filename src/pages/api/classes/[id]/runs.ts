import { openRoom } from '@server/actions/open-room'
import { endpoint, json } from '@server/http/respond'

export const POST = endpoint(async ({ params }) => {
  const run = await openRoom(params.id!)
  return json({ id: run.id, sequence: run.sequence })
})
