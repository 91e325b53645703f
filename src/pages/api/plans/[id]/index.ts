import { z } from 'zod'
import { nameField } from '@core/base/fields'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { putsAway } from '@server/http/put-away-endpoints'
import { endpoint, json } from '@server/http/respond'
import { renamePlan } from '@server/services/plans'

const Renamed = z.strictObject({ name: nameField(), before: nameField() })

export const PUT = endpoint(async ({ params, request }) => {
  const names = await readBody(request, Renamed)
  return json({ plan: await inTheHall((hall) => renamePlan(hall, params.id!, names)) })
})

export const DELETE = putsAway('plans')
