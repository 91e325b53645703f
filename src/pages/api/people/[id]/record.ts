import { personPage } from '@server/actions/person-page'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'

/** How somebody comes and gets on. */
export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => personPage(hall, params.id!))))
