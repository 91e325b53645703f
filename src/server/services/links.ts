import { and, count, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { InHall } from '../db/in-hall'
import { runs, screenLinks } from '../db/schema'
import { notFound, refuse } from '../http/respond'
import { notifyRun, type RunRow } from './runs'

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
export async function linksTo({ hallId, tx }: InHall, { id: runId }: Pick<RunRow, 'id'>, screen: Screen, subjects: readonly string[]): Promise<Link[]> {
  const existing = async () => {
    const rows = await tx.select({ token: screenLinks.token, subject: screenLinks.subject }).from(screenLinks).where(ofRun(hallId, runId, screen))
    return new Map(rows.map(({ token, subject }) => [subject ?? theOne, token]))
  }
  let tokens = await existing()
  if (subjects.some((subject) => !tokens.has(subject))) {
    // Two who ask at once must not make two links for one person.
    await tx.select({ id: runs.id }).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.id, runId))).for('update')
    tokens = await existing()
    const missing = subjects.filter((subject) => !tokens.has(subject)).map((subject) => ({ token: nanoid(24), hallId, runId, screen, subject }))
    const [made] = await tx.select({ links: count() }).from(screenLinks).where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.runId, runId)))
    if (made!.links + missing.length > mostLinks) throw refuse(409, 'tooManyLinks', 'This class has had all the links it can have. Use those there are, or open the class anew.')
    if (missing.length > 0) await tx.insert(screenLinks).values(missing)
    for (const { token, subject } of missing) tokens.set(subject, token)
  }
  return subjects.map((subject) => ({ subject, token: tokens.get(subject)! }))
}

/** Makes every link of the run to such a screen useless; new ones are made when they are asked for. */
export async function revokeLinks({ hallId, tx }: InHall, runId: string, screen: Screen): Promise<void> {
  await tx.update(screenLinks).set({ revoked: true }).where(ofRun(hallId, runId, screen))
  // Screens that are open hear of it, and their streams end.
  await notifyRun(tx, runId)
}

/** What an unguessable link opens. */
export interface OpenedLink {
  runId: string
  screen: Screen
  subject: string
}

/** The link, while it has not been taken back; of one kind of screen, if it is named. */
export async function openedBy({ hallId, tx }: InHall, token: string, screen?: Screen): Promise<OpenedLink> {
  const [row] = await tx
    .select({ runId: screenLinks.runId, screen: screenLinks.screen, subject: screenLinks.subject })
    .from(screenLinks)
    .where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.token, token), eq(screenLinks.revoked, false)))
  if (!row || (screen && row.screen !== screen)) throw notFound(screen ?? 'screen')
  return { ...row, subject: row.subject ?? theOne }
}

/** The id of the run that a coach controls: named by it, or by the link that opens the controls on another device. */
export async function coachedRun(hall: InHall, idOrToken: string): Promise<string> {
  const [row] = await hall.tx.select({ id: runs.id }).from(runs).where(and(eq(runs.hallId, hall.hallId), eq(runs.id, idOrToken)))
  return row?.id ?? (await openedBy(hall, idOrToken, 'controls')).runId
}
