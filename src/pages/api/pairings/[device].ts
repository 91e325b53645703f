import { inNoHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { pairingOf } from '@server/services/pairing'

/** A screen that shows a code asks whether it was told what to show. */
export const GET = endpoint(async ({ params }) => json(await inNoHall((work) => pairingOf(work, params.device!))))
