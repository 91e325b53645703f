import { inHallOfRun } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { letGo } from '@server/services/claims'
import { lockedRun } from '@server/services/runs'

/** Lets somebody's card go, so that another phone can open it from the list of names. */
export const DELETE = endpoint(async ({ params }) => {
  await inHallOfRun(params.id!, async (hall) => letGo(hall, await lockedRun(hall, params.id!), params.person!))
  return json({ free: true })
})
