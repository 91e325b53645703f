import { z } from 'zod'
import { CardAsk } from '@core/run/card-ask'
import { readBody } from '@server/http/body'
import { endpoint, json } from '@server/http/respond'
import { openedBy } from '@server/services/links'
import { askOnCard } from '@server/services/room-changes'

const Request = z.strictObject({ ask: CardAsk })

/** What somebody says on their own card: easier, as usual again, a break, back. */
export const POST = endpoint(async ({ params, request }) => {
  const { ask } = await readBody(request, Request)
  const { run, subject } = await openedBy(params.token!, 'card')
  return json(await askOnCard(run.hallId, run.id, ask, subject))
})
