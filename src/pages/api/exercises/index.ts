import { Exercise } from '@core/hall/exercise'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { exerciseLibrary } from '@server/services/library'
import { currentHall } from '@server/services/halls'

export const GET = endpoint(async () => json({ exercises: await exerciseLibrary.list((await currentHall()).id) }))

export const POST = endpoint(async ({ request }) => {
  const exercise = await readBody(request, Exercise)
  return json(await exerciseLibrary.add((await currentHall()).id, exercise), 201)
})
