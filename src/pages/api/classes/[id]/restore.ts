import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { setClassDeleted } from '@server/services/classes'

export const POST = endpoint(async ({ params }) => {
  await inTheHall((hall) => setClassDeleted(hall, params.id!, false))
  return json({ deleted: false })
})
