import { endpoint, json } from '@server/http/respond'
import { roomTime } from '@server/live/room-time'

export const GET = endpoint(async () => json({ now: await roomTime() }))
