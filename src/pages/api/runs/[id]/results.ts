import { PutDown } from '@core/results/put-down'
import { openedRun, resultsSheet } from '@server/actions/results-sheet'
import { knowsLimits } from '@server/access/who'
import { inHallOfRun } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'
import { putDown } from '@server/services/results'
import { findRow } from '@server/services/runs'

/** What has been put down of a run; beside what people did before for who may know that. */
export const GET = endpoint(async ({ params, locals }) =>
  json(
    await inHallOfRun(params.id!, async (hall) => {
      const run = await openedRun(hall, await findRow(hall, await coachedRun(hall, params.id!)))
      return resultsSheet(hall, run, knowsLimits(locals.who, hall.hallId))
    }),
  ),
)

export const PUT = endpoint(async ({ params, request, locals }) => {
  const wanted = await readBody(request, PutDown)
  const sheet = await inHallOfRun(params.id!, async (hall) => {
    const run = await openedRun(hall, await findRow(hall, await coachedRun(hall, params.id!)))
    await putDown(hall, run, wanted)
    return resultsSheet(hall, run, knowsLimits(locals.who, hall.hallId))
  })
  return json(sheet)
})
