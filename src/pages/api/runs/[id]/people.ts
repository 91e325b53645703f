import { z } from 'zod'
import { wholeNumber } from '@core/plan/fields'
import { PeopleChange } from '@core/run/people-change'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { changePeople } from '@server/services/runs'

const Request = z.strictObject({ version: wholeNumber(1, 1_000_000_000), change: PeopleChange })

/** A late arrival, a leaver, or two who trade places, while the class runs. */
export const POST = endpoint(async ({ params, request }) => {
  const { version, change } = await readBody(request, Request)
  return json(await changePeople((await currentHall()).id, params.id!, version, change))
})
