import { and, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { db } from '../db/client'
import { runs, screenLinks } from '../db/schema'
import { notFound } from '../http/respond'
import { currentHall } from './halls'
import { findRun, notifyRun, runColumns, type StoredRun } from './runs'

/** The screens that a link opens without signing in. */
export type Screen = (typeof screenLinks.$inferSelect)['screen']

/** The link to one screen: of a person's card, of a station by its number, or of the one there is. */
export interface Link {
  subject: string
  token: string
}

/** What a link to a screen of which there is one is for. */
export const theOne = ''

const ofRun = (runId: string, screen: Screen) => and(eq(screenLinks.runId, runId), eq(screenLinks.screen, screen), eq(screenLinks.revoked, false))

/** A link for every subject, in their order: those that are there, and new ones for whoever has none yet. */
export async function linksTo({ id: runId, hallId }: Pick<StoredRun, 'id' | 'hallId'>, screen: Screen, subjects: readonly string[]): Promise<Link[]> {
  return db().transaction(async (tx) => {
    // Two who ask at once must not make two links for one person.
    await tx.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).for('update')
    const there = await tx.select({ token: screenLinks.token, subject: screenLinks.subject }).from(screenLinks).where(ofRun(runId, screen))
    const tokens = new Map(there.map(({ token, subject }) => [subject ?? theOne, token]))
    const missing = subjects.filter((subject) => !tokens.has(subject)).map((subject) => ({ token: nanoid(24), hallId, runId, screen, subject }))
    if (missing.length > 0) await tx.insert(screenLinks).values(missing)
    for (const { token, subject } of missing) tokens.set(subject, token)
    return subjects.map((subject) => ({ subject, token: tokens.get(subject)! }))
  })
}

/** Makes every link of the run to such a screen useless; new ones are made when they are asked for. */
export async function revokeLinks(runId: string, screen: Screen): Promise<void> {
  await db().transaction(async (tx) => {
    await tx.update(screenLinks).set({ revoked: true }).where(ofRun(runId, screen))
    // Screens that are open hear of it, and their streams end.
    await notifyRun(tx, runId)
  })
}

export interface OpenedScreen {
  run: StoredRun
  screen: Screen
  subject: string
}

/** What an unguessable link opens; of one kind of screen, if it is named. */
export async function openedBy(token: string, screen?: Screen): Promise<OpenedScreen> {
  const [row] = await db()
    .select({ ...runColumns, screen: screenLinks.screen, subject: screenLinks.subject })
    .from(screenLinks)
    .innerJoin(runs, eq(runs.id, screenLinks.runId))
    .where(and(eq(screenLinks.token, token), eq(screenLinks.revoked, false)))
  if (!row || (screen && row.screen !== screen)) throw notFound(screen ?? 'screen')
  const { screen: opened, subject, ...run } = row
  return { run, screen: opened, subject: subject ?? theOne }
}

/** The run that a coach controls: by its id, or by the link that opens the controls on another device. */
export async function coachedRun(idOrToken: string): Promise<{ run: StoredRun }> {
  try {
    return { run: await findRun((await currentHall()).id, idOrToken) }
  } catch {
    return openedBy(idOrToken, 'controls')
  }
}
