import { PlanFile } from '@core/plan/file'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { importPlan } from '@server/services/plans'

export const POST = endpoint(async ({ request }) => {
  const file = await readBody(request, PlanFile)
  return json(await importPlan((await currentHall()).id, file), 201)
})
