import { endpoint, json } from '@server/http/respond'
import { setClassDeleted } from '@server/services/classes'
import { currentHall } from '@server/services/halls'

export const POST = endpoint(async ({ params }) => {
  await setClassDeleted((await currentHall()).id, params.id!, false)
  return json({ deleted: false })
})
