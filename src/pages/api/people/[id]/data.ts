import { inTheHall } from '@server/db/in-hall'
import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { personalData } from '@server/services/personal-data'

export const GET = endpoint(async ({ params }) => {
  const data = await inTheHall((hall) => personalData(hall, params.id!))
  return download(data.person.name, data)
})
