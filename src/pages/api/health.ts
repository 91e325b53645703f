import { databaseIsAway, endpoint, json } from '@server/http/respond'
import { openStreams } from '@server/live/bus'
import { roomTime } from '@server/services/runs'

export const GET = endpoint(async () => {
  try {
    await roomTime()
    return json({ ok: true, database: 'answers', streams: openStreams() })
  } catch (error) {
    if (!databaseIsAway(error)) throw error
    return json({ ok: false, database: 'does not answer' }, 503)
  }
})
