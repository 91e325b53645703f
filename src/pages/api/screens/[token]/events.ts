import { streamRun } from '@server/live/stream'
import { endpoint } from '@server/http/respond'
import { openedBy } from '@server/services/links'

export const GET = endpoint(async ({ params, request }) => streamRun((await openedBy(params.token!)).run.id, request, params.token))
