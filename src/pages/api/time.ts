import { endpoint, json } from '@server/http/respond'
import { roomTime } from '@server/services/runs'

export const GET = endpoint(async () => json({ now: await roomTime() }))
