import { databaseIsAway, endpoint, json } from '@server/http/respond'
import { roomTime } from '@server/services/runs'

export const GET = endpoint(async () => {
  try {
    await roomTime()
    return json({ ok: true, database: 'answers' })
  } catch (error) {
    if (!databaseIsAway(error)) throw error
    return json({ ok: false, database: 'does not answer' }, 503)
  }
})
