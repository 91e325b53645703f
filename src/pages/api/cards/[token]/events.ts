import { streamRun } from '@server/live/stream'
import { endpoint } from '@server/http/respond'
import { isCardOpen, runOfCard } from '@server/services/links'

export const GET = endpoint(async ({ params, request }) => streamRun((await runOfCard(params.token!)).run.id, request, () => isCardOpen(params.token!)))
