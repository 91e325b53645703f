import { notFound } from '@server/refused'
import { endpoint } from '@server/http/respond'

export const ALL = endpoint(async () => {
  throw notFound('address')
})
