import { z } from 'zod'
import { Exercise } from '@core/hall/exercise'
import { wholeNumber } from '@core/plan/fields'
import { readBody } from '@server/http/body'
import { endpoint, json, refuse } from '@server/http/respond'
import { exerciseLibrary, requireUnused } from '@server/services/library'
import { currentHall } from '@server/services/halls'

const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), exercise: Exercise })

export const PUT = endpoint(async ({ params, request }) => {
  const { version, exercise } = await readBody(request, Update)
  if (exercise.id !== params.id) throw refuse(422, 'otherId', 'exercise.id must be the one in the address: an exercise keeps its id')
  return json(await exerciseLibrary.update((await currentHall()).id, version, exercise))
})

export const DELETE = endpoint(async ({ params }) => {
  const { id: hallId } = await currentHall()
  await requireUnused(hallId, params.id!)
  await exerciseLibrary.remove(hallId, params.id!)
  return json({ deleted: true })
})
