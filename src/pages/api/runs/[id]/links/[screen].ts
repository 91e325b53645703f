import { endpoint, json, notFound } from '@server/http/respond'
import { currentHall } from '@server/services/halls'
import { linksTo, revokeLinks, theOne, type Screen } from '@server/services/links'
import { findRun, type StoredRun } from '@server/services/runs'
import { stationsIn } from '@core/run/station-view'

/** Whom or what there is a link for, by the kind of screen. */
const subjects: Record<string, (run: StoredRun) => string[]> = {
  card: ({ snapshot }) => snapshot.people.map((person) => person.id),
  station: ({ snapshot }) => stationsIn(snapshot).map(String),
  controls: () => [theOne],
}

/** Links to all screens of a kind, made where there are none. */
export const POST = endpoint(async ({ params }) => {
  const of = subjects[params.screen!]
  if (!of) throw notFound('kind of screen')
  const run = await findRun((await currentHall()).id, params.id!)
  return json({ links: await linksTo(run, params.screen as Screen, of(run)) })
})

/** Makes the links useless. */
export const DELETE = endpoint(async ({ params }) => {
  if (!subjects[params.screen!]) throw notFound('kind of screen')
  const run = await findRun((await currentHall()).id, params.id!)
  await revokeLinks(run.id, params.screen as Screen)
  return json({ revoked: true })
})
