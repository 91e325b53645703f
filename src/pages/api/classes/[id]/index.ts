import { z } from 'zod'
import { ClassDocument } from '@core/hall/class-document'
import { wholeNumber } from '@core/plan/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { findClass, setClassDeleted, updateClass } from '@server/services/classes'

const saveId = z.uuid('must be a UUID').optional()
const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), document: ClassDocument, saveId, follows: saveId })

export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => findClass(hall, params.id!))))

export const PUT = endpoint(async ({ params, request }) => {
  const save = await readBody(request, Update)
  return json(await inTheHall((hall) => updateClass(hall, params.id!, save)))
})

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => setClassDeleted(hall, params.id!, true))
  return json({ deleted: true })
})
