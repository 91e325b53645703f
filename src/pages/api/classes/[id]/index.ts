import { z } from 'zod'
import { ClassDocument } from '@core/hall/class-document'
import { wholeNumber } from '@core/plan/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { findClass, setClassDeleted, updateClass } from '@server/services/classes'

const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), document: ClassDocument })

export const GET = endpoint(async ({ params }) => json(await inTheHall((hall) => findClass(hall, params.id!))))

export const PUT = endpoint(async ({ params, request }) => {
  const { version, document } = await readBody(request, Update)
  return json(await inTheHall((hall) => updateClass(hall, params.id!, version, document)))
})

export const DELETE = endpoint(async ({ params }) => {
  await inTheHall((hall) => setClassDeleted(hall, params.id!, true))
  return json({ deleted: true })
})
