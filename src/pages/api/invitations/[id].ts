import { withdraw } from '@server/access/invitations'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => withdraw(hall, params.id!))
  return json({ withdrawn: true })
})
