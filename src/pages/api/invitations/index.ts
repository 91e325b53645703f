import { NewInvitation } from '@core/access/credentials'
import { invite } from '@server/access/invitations'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'

/** A link by which somebody joins the hall. It is told this once. */
export const POST = endpoint(async ({ request }) => {
  const wanted = await readBody(request, NewInvitation)
  const { token, invitation } = await inTheHall((hall) => invite(hall, wanted))
  return json({ invitation, path: `/join/${token}` }, 201)
})
