import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { findClass } from '@server/services/classes'
import { pastPartners } from '@server/services/runs'

/** Who worked with whom in the hall's runs of other classes, the most recent first. */
export const GET = endpoint(async ({ params }) => {
  const past = await inTheHall(async (hall) => {
    await findClass(hall, params.id!)
    return pastPartners(hall, params.id!)
  })
  return json({ past })
})
