import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { pastPartners } from '@server/services/runs'

/** Who worked with whom in the hall's runs of other classes, the most recent first. */
export const GET = endpoint(async ({ params }) => json({ past: await inTheHall((hall) => pastPartners(hall, params.id!)) }))
