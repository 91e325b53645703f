import { snapshotFor } from '@core/run/public-snapshot'
import { endpoint, json } from '@server/http/respond'
import { openedBy } from '@server/services/links'

export const GET = endpoint(async ({ params }) => {
  const { run, screen, subject } = await openedBy(params.token!)
  return json({ version: run.version, snapshot: snapshotFor(screen, subject, run.snapshot) })
})
