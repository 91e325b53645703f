import { Exercise } from '@core/hall/exercise'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { addExercise, listExercises } from '@server/services/exercises'
import { currentHall } from '@server/services/halls'

export const GET = endpoint(async () => json({ exercises: await listExercises((await currentHall()).id) }))

export const POST = endpoint(async ({ request }) => {
  const exercise = await readBody(request, Exercise)
  return json(await addExercise((await currentHall()).id, exercise), 201)
})
