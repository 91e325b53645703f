import { stationsIn } from '@core/run/station-view'
import { inTheHall } from '@server/db/in-hall'
import { endpoint, json, notFound } from '@server/http/respond'
import { linksTo, revokeLinks, theOne, type Screen } from '@server/services/links'
import { findRun, type StoredRun } from '@server/services/runs'

/** Whom or what there is a link for, by the kind of screen. */
const subjects = new Map<string, (run: StoredRun) => string[]>([
  ['card', ({ snapshot }) => snapshot.people.map((person) => person.id)],
  ['station', ({ snapshot }) => stationsIn(snapshot).map(String)],
  ['controls', () => [theOne]],
])

/** Links to all screens of a kind, made where there are none. */
export const POST = endpoint(async ({ params }) => {
  const of = subjects.get(params.screen!)
  if (!of) throw notFound('kind of screen')
  const links = await inTheHall(async (hall) => {
    const run = await findRun(hall, params.id!)
    return linksTo(hall, run, params.screen as Screen, of(run))
  })
  return json({ links })
})

/** Makes the links useless. */
export const DELETE = endpoint(async ({ params }) => {
  if (!subjects.has(params.screen!)) throw notFound('kind of screen')
  await inTheHall(async (hall) => revokeLinks(hall, (await findRun(hall, params.id!)).id, params.screen as Screen))
  return json({ revoked: true })
})
