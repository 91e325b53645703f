import { inTheHall } from '@server/db/in-hall'
import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { audit } from '@server/services/audit'
import { personalData } from '@server/services/personal-data'

export const GET = endpoint(async ({ params }) => {
  const data = await inTheHall(async (hall) => {
    await audit(hall, 'dataExported', { personId: params.id! })
    return personalData(hall, params.id!)
  })
  return download(data.person.name, data)
})
