import { answerFindings, FindingsRequest } from '@core/findings/request'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { currentHall, hallLibrary } from '@server/services/halls'

export const POST = endpoint(async ({ request }) => {
  const asked = await readBody(request, FindingsRequest)
  return json({ findings: answerFindings(asked, await hallLibrary((await currentHall()).id)) })
})
