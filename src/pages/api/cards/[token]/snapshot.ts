import { forOne } from '@core/run/public-snapshot'
import { endpoint, json } from '@server/http/respond'
import { runOfCard } from '@server/services/links'

export const GET = endpoint(async ({ params }) => {
  const { run, personId } = await runOfCard(params.token!)
  return json({ version: run.version, snapshot: forOne(run.snapshot, personId) })
})
