import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { findClass, listRevisions } from '@server/services/classes'

export const GET = endpoint(async ({ params }) => {
  const revisions = await inTheHall(async (hall) => {
    await findClass(hall, params.id!)
    return listRevisions(hall, params.id!)
  })
  return json({ revisions })
})
