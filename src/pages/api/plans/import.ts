import { PlanFile } from '@core/plan/words/file'
import { inTheHall } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { importPlan } from '@server/services/plans'

export const POST = endpoint(async ({ request }) => {
  const file = await readBody(request, PlanFile, 'readPlanFile')
  return json(await inTheHall((hall) => importPlan(hall, file)), 201)
})
