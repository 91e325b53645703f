import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { findRun } from '@server/services/runs'

export const GET = endpoint(async ({ params }) => {
  const { version, snapshot } = await findRun((await currentHall()).id, params.id!)
  return json({ version, snapshot })
})
