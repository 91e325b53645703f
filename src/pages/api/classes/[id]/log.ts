import { classResults } from '@server/actions/results'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { findClass } from '@server/services/classes'
import { runLog } from '@server/services/runs'

/** The runs of a class, the latest first, what was tapped in them, and what everyone did last in its pieces. */
export const GET = endpoint(async ({ params }) => {
  const id = params.id!
  const { log, plan } = await inTheHall(async (hall) => {
    const { document } = await findClass(hall, id)
    return { log: await runLog(hall, id), plan: document.plan }
  })
  return json({ log, ...(await classResults(id, plan)) })
})
