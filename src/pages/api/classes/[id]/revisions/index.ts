import { endpoint, json } from '@server/http/respond'
import { listRevisions } from '@server/services/classes'
import { currentHall } from '@server/services/halls'

export const GET = endpoint(async ({ params }) => json({ revisions: await listRevisions((await currentHall()).id, params.id!) }))
