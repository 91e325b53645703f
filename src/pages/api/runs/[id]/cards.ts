import { endpoint, json } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { cardLinks, revokeCards } from '@server/services/links'
import { findRun } from '@server/services/runs'

/** Links to everyone's card, made where there are none. */
export const POST = endpoint(async ({ params }) => json({ cards: await cardLinks(await findRun((await currentHall()).id, params.id!)) }))

/** Makes the links useless. */
export const DELETE = endpoint(async ({ params }) => {
  const run = await findRun((await currentHall()).id, params.id!)
  await revokeCards(run.id)
  return json({ revoked: true })
})
