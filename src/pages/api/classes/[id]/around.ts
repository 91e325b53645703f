import { around } from '@server/actions/around'
import { endpoint, json } from '@server/http/respond'

/** What stands round a class and may change while it is open: the hall's library by its mark, its rooms, classes at the same time. */
export const GET = endpoint(async ({ params }) => json(await around(params.id!)))
