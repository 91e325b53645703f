import { inTheHall } from '@server/db/in-hall'
import { notFound } from '@server/refused'
import { endpoint, json } from '@server/http/respond'
import { findRevision } from '@server/services/classes'

export const GET = endpoint(async ({ params }) => {
  if (!/^\d{1,9}$/.test(params.version!)) throw notFound('earlier version of the class')
  return json(await inTheHall((hall) => findRevision(hall, params.id!, Number(params.version))))
})
