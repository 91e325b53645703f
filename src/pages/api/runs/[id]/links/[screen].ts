import { inHallOfRun } from '@server/db/in-hall'
import { notFound } from '@server/refused'
import { endpoint, json } from '@server/http/respond'
import { audit } from '@server/services/audit'
import { linksTo, renewLinks, screens, subjectsOf, type Screen } from '@server/services/links'
import { findRun } from '@server/services/runs'

function screenOf(name: string | undefined): Screen {
  const screen = screens.find((screen) => screen === name)
  if (!screen) throw notFound('kind of screen')
  return screen
}

/** Links to all screens of a kind, made where there are none. */
export const POST = endpoint(async ({ params }) => {
  const screen = screenOf(params.screen)
  const links = await inHallOfRun(params.id!, async (hall) => {
    const run = await findRun(hall, params.id!)
    await audit(hall, 'linksMade', { about: screen })
    return linksTo(hall, run, screen, subjectsOf(screen, run.snapshot))
  })
  return json({ links })
})

/** Makes the links useless, and new ones in their place. */
export const DELETE = endpoint(async ({ params }) => {
  const screen = screenOf(params.screen)
  await inHallOfRun(params.id!, async (hall) => {
    await renewLinks(hall, await findRun(hall, params.id!), screen)
    await audit(hall, 'linksRenewed', { about: screen })
  })
  return json({ revoked: true })
})
