import { inTheHall } from '@server/db/in-hall'
import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { exportPlan, findPlan } from '@server/services/plans'

export const GET = endpoint(async ({ params }) => {
  const file = await inTheHall(async (hall) => exportPlan(hall, await findPlan(hall, params.id!)))
  return download(file.plan.name, file)
})
