import { ClassDocument } from '@core/hall/class-document'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { createClass } from '@server/services/classes'
import { currentHall } from '@server/services/halls'

export const POST = endpoint(async ({ request }) => {
  const document = await readBody(request, ClassDocument)
  return json(await createClass((await currentHall()).id, document), 201)
})
