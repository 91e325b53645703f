import { Plan } from '@core/plan/plan'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { createPlan } from '@server/services/plans'

export const POST = endpoint(async ({ request }) => {
  const plan = await readBody(request, Plan, 'readPlan')
  return json({ plan: await inTheHall((hall) => createPlan(hall, plan)) }, 201)
})
