import { forTheWall } from '@core/run/public-snapshot'
import { endpoint, json } from '@server/http/respond'
import { runOfWall } from '@server/services/runs'

export const GET = endpoint(async ({ params }) => {
  const { version, snapshot } = await runOfWall(params.token!)
  return json({ version, snapshot: forTheWall(snapshot) })
})
