import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { listRevisions } from '@server/services/classes'

export const GET = endpoint(async ({ params }) => json({ revisions: await inTheHall((hall) => listRevisions(hall, params.id!)) }))
