import { Person } from '@core/hall/person'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { roster } from '@server/services/library'
import { currentHall } from '@server/services/halls'

export const GET = endpoint(async () => json({ people: await roster.list((await currentHall()).id) }))

export const POST = endpoint(async ({ request }) => {
  const person = await readBody(request, Person)
  return json(await roster.add((await currentHall()).id, person), 201)
})
