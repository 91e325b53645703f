import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { exportPlan, findPlan } from '@server/services/plans'

export const GET = endpoint(async ({ params }) => {
  const hall = await currentHall()
  const plan = await findPlan(hall.id, params.id!)
  return download(plan.name, await exportPlan(hall.id, plan))
})
