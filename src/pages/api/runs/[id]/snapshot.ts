import { endpoint, json } from '@server/http/respond'
import { coachedRun } from '@server/services/links'

export const GET = endpoint(async ({ params }) => {
  const { version, snapshot } = (await coachedRun(params.id!)).run
  return json({ version, snapshot })
})
