import { and, count, eq, inArray, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import { stationsIn } from '../../core/run/screens/station-view'
import type { InHall } from '../db/in-hall'
import { runs, screenLinks } from '../db/schema'
import { notFound, refuse, Refused } from '../refused'
import { lockedRun, notifyRun, type LockedRun, type RunRow, type StoredRun } from './runs'

/** The screens that a link opens without signing in. */
export type Screen = (typeof screenLinks.$inferSelect)['screen']

/** The link to one screen: of a person's card, of a station by its number, or of the one there is. */
export interface Link {
  subject: string
  token: string
}

/** What a link to a screen of which there is one is for. */
export const theOne = ''

/** A run may have had so many links, those that were taken back counted: who makes all new ones hundreds of times gets no more. */
const mostLinks = 5000

const ofRun = (hallId: string, runId: string, screen: Screen) =>
  and(eq(screenLinks.hallId, hallId), eq(screenLinks.runId, runId), eq(screenLinks.screen, screen), eq(screenLinks.revoked, false))

/** A link for every subject, in their order: those that are there, and new ones for whoever has none yet. */
export async function linksTo(
  { hallId, tx }: InHall,
  { id: runId }: Pick<RunRow, 'id'>,
  screen: Screen,
  subjects: readonly string[],
): Promise<Link[]> {
  const existing = async () => {
    const rows = await tx
      .select({ token: screenLinks.token, subject: screenLinks.subject })
      .from(screenLinks)
      .where(ofRun(hallId, runId, screen))
    return new Map(rows.map(({ token, subject }) => [subject ?? theOne, token]))
  }
  let tokens = await existing()
  if (subjects.some((subject) => !tokens.has(subject))) {
    // Two who ask at once must not make two links for one person.
    await tx
      .select({ id: runs.id })
      .from(runs)
      .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
      .for('update')
    tokens = await existing()
    const missing = subjects
      .filter((subject) => !tokens.has(subject))
      .map((subject) => ({ token: nanoid(24), hallId, runId, screen, subject }))
    const [made] = await tx
      .select({ links: count() })
      .from(screenLinks)
      .where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.runId, runId)))
    if (made!.links + missing.length > mostLinks)
      throw refuse('stale', 'tooManyLinks', 'This class has had all the links it can have. Use those there are, or open the class anew.')
    if (missing.length > 0) await tx.insert(screenLinks).values(missing)
    for (const { token, subject } of missing) tokens.set(subject, token)
  }
  return subjects.map((subject) => ({ subject, token: tokens.get(subject)! }))
}

/** The links that there are to such a screen, in the order of `subjects`; whoever has none is left out. */
export async function existingLinks(
  { hallId, tx }: InHall,
  { id: runId }: Pick<RunRow, 'id'>,
  screen: Screen,
  subjects: readonly string[],
): Promise<Link[]> {
  const rows = await tx
    .select({ token: screenLinks.token, subject: screenLinks.subject })
    .from(screenLinks)
    .where(ofRun(hallId, runId, screen))
  const tokens = new Map(rows.map(({ token, subject }) => [subject ?? theOne, token]))
  return subjects.flatMap((subject) => (tokens.has(subject) ? [{ subject, token: tokens.get(subject)! }] : []))
}

/** Whom or what there is a link for, by the kind of screen. */
export function subjectsOf(screen: Screen, snapshot: RunSnapshot): string[] {
  if (screen === 'card') return snapshot.people.map((person) => person.id)
  return screen === 'station' ? stationsIn(snapshot).map(String) : [theOne]
}

export const screens: readonly Screen[] = ['wall', 'card', 'station', 'controls', 'names']

/** Sees to it that every screen of a run has its link: when the room is opened, and when somebody comes late. */
export async function ensureLinks(hall: InHall, run: Pick<StoredRun, 'id' | 'snapshot'>): Promise<void> {
  for (const screen of screens) await linksTo(hall, run, screen, subjectsOf(screen, run.snapshot))
}

/** Makes the run's links to such a screen useless, of all or of the `subjects` named, and new ones in their place. */
export async function renewLinks(
  hall: InHall,
  run: Pick<StoredRun, 'id' | 'snapshot'>,
  screen: Screen,
  subjects = subjectsOf(screen, run.snapshot),
): Promise<void> {
  const { hallId, tx } = hall
  if (subjects.length === 0) return
  await tx
    .update(screenLinks)
    .set({ revoked: true })
    .where(and(ofRun(hallId, run.id, screen), inArray(sql`coalesce(${screenLinks.subject}, ${theOne})`, [...subjects])))
  await linksTo(hall, run, screen, subjects)
  // Screens that are open hear of it: those whose link this was find it closed, also where one stream serves several in a browser.
  await tx
    .update(runs)
    .set({ version: sql`${runs.version} + 1` })
    .where(and(eq(runs.hallId, hallId), eq(runs.id, run.id)))
  await notifyRun(tx, run.id)
}

/** What an unguessable link opens. */
export interface OpenedLink {
  runId: string
  screen: Screen
  subject: string
}

/** So long after a class has ended its screens can still be opened. */
const afterEndHours = 24

/** The link; of one kind of screen, if it is named. Refused with 410, and why, once it was taken back or its class is long over. */
export async function openedBy({ hallId, tx }: InHall, token: string, screen?: Screen): Promise<OpenedLink> {
  const [row] = await tx
    .select({
      runId: screenLinks.runId,
      screen: screenLinks.screen,
      subject: screenLinks.subject,
      revoked: screenLinks.revoked,
      over: sql<boolean>`coalesce(${runs.endedAt} < to_timestamp(room_time() / 1000) - ${`${afterEndHours} hours`}::interval, false)`,
    })
    .from(screenLinks)
    .innerJoin(runs, and(eq(runs.hallId, screenLinks.hallId), eq(runs.id, screenLinks.runId)))
    .where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.token, token)))
  if (!row || (screen && row.screen !== screen)) throw notFound(screen ?? 'screen')
  if (row.revoked) throw refuse('over', 'revoked', 'This link has been replaced by a new one. Ask your coach for it.')
  if (row.over) throw refuse('over', 'over', 'This class is over, and its screens with it. See you at the next one.')
  return { runId: row.runId, screen: row.screen, subject: row.subject ?? theOne }
}

/**
 * The run that a coach controls, which nobody else changes until the work is done: named by its id, or by the link that opens the
 * controls on another device.
 */
export const coachedLocked = (hall: InHall, idOrToken: string): Promise<LockedRun> =>
  lockedRun(hall, idOrToken).catch(async (error: unknown) => {
    if (error instanceof Refused && error.why === 'missing') return lockedRun(hall, (await openedBy(hall, idOrToken, 'controls')).runId)
    throw error
  })

/** The id of the run that a coach controls: named by it, or by the link that opens the controls on another device. */
export async function coachedRun(hall: InHall, idOrToken: string): Promise<string> {
  const [row] = await hall.tx
    .select({ id: runs.id })
    .from(runs)
    .where(and(eq(runs.hallId, hall.hallId), eq(runs.id, idOrToken)))
  return row?.id ?? (await openedBy(hall, idOrToken, 'controls')).runId
}
