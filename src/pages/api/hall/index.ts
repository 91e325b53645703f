import { NewHall } from '@core/library/new-hall'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { beginHall } from '@server/services/begin-hall'

/** Begins somebody's own hall, in the place of the demo or of an empty one. */
export const POST = endpoint(async ({ request }) => {
  const hall = await readBody(request, NewHall)
  await inTheHall((inHall) => beginHall(inHall, hall))
  return json({ begun: true }, 201)
})
