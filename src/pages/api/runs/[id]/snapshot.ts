import { snapshotFormat } from '@core/run/room/snapshot-formats'
import { inHallOfRun } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'
import { findRun } from '@server/services/runs'

export const GET = endpoint(async ({ params }) => {
  const { version, snapshot } = await inHallOfRun(params.id!, async (hall) => findRun(hall, await coachedRun(hall, params.id!)))
  return json({ version, format: snapshotFormat, snapshot })
})
