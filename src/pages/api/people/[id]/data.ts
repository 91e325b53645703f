import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { personalData } from '@server/services/personal-data'

export const GET = endpoint(async ({ params }) => {
  const data = await personalData((await currentHall()).id, params.id!)
  return download(data.person.name, data)
})
