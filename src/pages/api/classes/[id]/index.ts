import { ClassSave } from '@core/class/save'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { putsAway } from '@server/http/put-away-endpoints'
import { endpoint, json } from '@server/http/respond'
import { findClass, updateClass } from '@server/services/classes'

export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => findClass(hall, params.id!))))

export const PUT = endpoint(async ({ params, request }) => {
  const save = await readBody(request, ClassSave, 'readClassSave')
  return json(await inTheHall((hall) => updateClass(hall, params.id!, save)))
})

export const DELETE = putsAway('classes')
