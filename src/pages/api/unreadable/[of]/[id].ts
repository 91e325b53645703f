import { inTheHall } from '@server/db/in-hall'
import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { storedAsIs } from '@server/services/unreadable'

/** Something stored, as it is: what this version cannot read is not lost. */
export const GET = endpoint(async ({ params }) => {
  const stored = await inTheHall((hall) => storedAsIs(hall, params.of!, params.id!))
  return download(stored.name, stored)
})
