import { endpoint, json } from '@server/http/respond'
import { health } from '@server/live/health'

export const GET = endpoint(async () => {
  const found = await health()
  return json(found, found.ok ? 200 : 503)
})
