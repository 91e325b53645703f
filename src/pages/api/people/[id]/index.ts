import { z } from 'zod'
import { Person } from '@core/hall/person'
import { wholeNumber } from '@core/plan/fields'
import { readBody } from '@server/http/body'
import { endpoint, json, refuse } from '@server/http/respond'
import { roster } from '@server/services/library'
import { currentHall } from '@server/services/halls'
import { erasePerson } from '@server/services/personal-data'

const Update = z.strictObject({ version: wholeNumber(1, 1_000_000_000), person: Person })

export const PUT = endpoint(async ({ params, request }) => {
  const { version, person } = await readBody(request, Update)
  if (person.id !== params.id) throw refuse(422, 'otherId', 'person.id must be the one in the address: a person keeps the id')
  return json(await roster.update((await currentHall()).id, version, person))
})

export const DELETE = endpoint(async ({ params }) => {
  await erasePerson((await currentHall()).id, params.id!)
  return json({ deleted: true })
})
