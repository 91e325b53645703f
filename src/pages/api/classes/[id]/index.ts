import { ClassSave } from '@core/class/save'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { findClass, setClassDeleted, updateClass } from '@server/services/classes'

export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => findClass(hall, params.id!))))

export const PUT = endpoint(async ({ params, request }) => {
  const save = await readBody(request, ClassSave, 'readClassSave')
  return json(await inTheHall((hall) => updateClass(hall, params.id!, save)))
})

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => setClassDeleted(hall, params.id!, true))
  return json({ deleted: true })
})
