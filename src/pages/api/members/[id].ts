import { RoleChange } from '@core/access/credentials'
import { changeRole, removeMember } from '@server/access/members'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'

export const PUT = endpoint(async ({ params, request }) => {
  const { role } = await readBody(request, RoleChange)
  await inTheHall((hall) => changeRole(hall, params.id!, role))
  return json({ role })
})

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => removeMember(hall, params.id!))
  return json({ removed: true })
})
