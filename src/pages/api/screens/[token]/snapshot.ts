import { snapshotFor } from '@core/run/room/public-snapshot'
import { snapshotFormat } from '@core/run/room/snapshot-formats'
import { inHallOfLink } from '@server/db/in-hall'
import { endpoint, json } from '@server/http/respond'
import { openedBy } from '@server/services/links'
import { findRun } from '@server/services/runs'

export const GET = endpoint(async ({ params }) => {
  const { run, screen, subject } = await inHallOfLink(params.token!, async (hall) => {
    const opened = await openedBy(hall, params.token!)
    return { ...opened, run: await findRun(hall, opened.runId) }
  })
  return json({ version: run.version, format: snapshotFormat, snapshot: snapshotFor(screen, subject, run.snapshot) })
})
