import { ClassDocument } from '@core/class/class-document'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { createClass } from '@server/services/classes'

export const POST = endpoint(async ({ request }) => {
  const document = await readBody(request, ClassDocument, 'readClass')
  return json(await inTheHall((hall) => createClass(hall, document)), 201)
})
