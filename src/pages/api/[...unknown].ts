import { endpoint, notFound } from '@server/http/respond'

export const ALL = endpoint(async () => {
  throw notFound('address')
})
