import { inTheHall } from '@server/db/in-hall'
import { download } from '@server/http/download'
import { endpoint } from '@server/http/respond'
import { findClass } from '@server/services/classes'
import { exportPlan } from '@server/services/plans'

export const GET = endpoint(async ({ params }) => {
  const file = await inTheHall(async (hall) => exportPlan(hall, (await findClass(hall, params.id!)).document.plan))
  return download(file.plan.name, file)
})
