import { endpoint } from '@server/http/respond'
import { download } from '@server/http/download'
import { findClass } from '@server/services/classes'
import { currentHall } from '@server/services/halls'
import { exportPlan } from '@server/services/plans'

export const GET = endpoint(async ({ params }) => {
  const hall = await currentHall()
  const { document } = await findClass(hall.id, params.id!)
  return download(document.plan.name, await exportPlan(hall.id, document.plan))
})
