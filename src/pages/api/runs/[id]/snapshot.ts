import { snapshotFor } from '@core/run/room/public-snapshot'
import { snapshotFormat } from '@core/run/room/snapshot-formats'
import { knowsLimits } from '@server/access/who'
import { inHallOfRun } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { coachedRun, theOne } from '@server/services/links'
import { findRun } from '@server/services/runs'

export const GET = endpoint(async ({ params, locals }) => {
  const { hallId, version, snapshot } = await inHallOfRun(params.id!, async (hall) => findRun(hall, await coachedRun(hall, params.id!)))
  return json({ version, format: snapshotFormat, snapshot: snapshotFor('controls', theOne, snapshot, knowsLimits(locals.who, hallId)) })
})
