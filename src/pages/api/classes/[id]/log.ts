import { classResults } from '@server/actions/results'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { findClass } from '@server/services/classes'
import { runLog } from '@server/services/runs'

/** The runs of a class, the latest first, and what was tapped in them. */
export const GET = endpoint(async ({ params }) => {
  const id = params.id!
  const log = await inTheHall(async (hall) => runLog(hall, (await findClass(hall, id)).id))
  return json({ log, results: await classResults(id) })
})
