import { streamRun } from '@server/live/stream'
import { endpoint } from '@server/http/respond'
import { runOfWall } from '@server/services/runs'

export const GET = endpoint(async ({ params, request }) => streamRun((await runOfWall(params.token!)).id, request))
