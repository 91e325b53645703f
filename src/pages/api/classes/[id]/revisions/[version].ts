import { endpoint, json, notFound } from '@server/http/respond'
import { findRevision } from '@server/services/classes'
import { currentHall } from '@server/services/halls'

export const GET = endpoint(async ({ params }) => {
  if (!/^\d{1,9}$/.test(params.version!)) throw notFound('earlier version of the class')
  return json(await findRevision((await currentHall()).id, params.id!, Number(params.version)))
})
