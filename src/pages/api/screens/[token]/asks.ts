import { z } from 'zod'
import { CardAsk } from '@core/run/room/card-ask'
import { inHallOfLink } from '@server/db/in-hall'
import { readBody } from '@server/http/body'
import { limitRate } from '@server/http/rates'
import { endpoint, json } from '@server/http/respond'
import { openedBy } from '@server/services/links'
import { askOnCard } from '@server/services/room-changes'

const Request = z.strictObject({ ask: CardAsk })

/** What somebody says on their own card: easier, as usual again, a break, back. */
export const POST = endpoint(async ({ params, request }) => {
  await limitRate('asks', params.token!)
  const { ask } = await readBody(request, Request)
  return json(
    await inHallOfLink(params.token!, async (hall) => {
      const { runId, subject } = await openedBy(hall, params.token!, 'card')
      return askOnCard(hall, runId, ask, subject)
    }),
  )
})
