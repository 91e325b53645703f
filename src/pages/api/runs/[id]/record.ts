import { runPage } from '@server/actions/run-page'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'

/** A run as it happened, and what was put down of it. */
export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => runPage(hall, params.id!))))
