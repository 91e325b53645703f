import { and, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { RunSnapshot } from '../../core/run/snapshot'
import { db } from '../db/client'
import { runs, screenLinks } from '../db/schema'
import { notFound } from '../http/respond'
import { notifyRun, runColumns, type StoredRun } from './runs'

/** The link to one person's card. */
export interface CardLink {
  personId: string
  name: string
  token: string
}

const ofRun = (runId: string, screen: 'wall' | 'card') => and(eq(screenLinks.runId, runId), eq(screenLinks.screen, screen), eq(screenLinks.revoked, false))

/** A link for everyone in the run: those that are there, and new ones for whoever has none yet. */
export async function cardLinks({ id: runId, hallId, snapshot }: Pick<StoredRun, 'id' | 'hallId'> & { snapshot: Pick<RunSnapshot, 'people'> }): Promise<CardLink[]> {
  return db().transaction(async (tx) => {
    // Two who ask at once must not make two links for one person.
    await tx.select({ id: runs.id }).from(runs).where(eq(runs.id, runId)).for('update')
    const there = await tx.select({ token: screenLinks.token, subject: screenLinks.subject }).from(screenLinks).where(ofRun(runId, 'card'))
    const tokens = new Map(there.map(({ token, subject }) => [subject, token]))
    const missing = snapshot.people.filter((person) => !tokens.has(person.id)).map((person) => ({ token: nanoid(24), hallId, runId, screen: 'card' as const, subject: person.id }))
    if (missing.length > 0) await tx.insert(screenLinks).values(missing)
    for (const { token, subject } of missing) tokens.set(subject, token)
    return snapshot.people.map((person) => ({ personId: person.id, name: person.name, token: tokens.get(person.id)! }))
  })
}

/** Makes every card link of the run useless; new ones are made when they are asked for. */
export async function revokeCards(runId: string): Promise<void> {
  await db().transaction(async (tx) => {
    await tx.update(screenLinks).set({ revoked: true }).where(ofRun(runId, 'card'))
    // Phones that are open hear of it, and their streams end.
    await notifyRun(tx, runId)
  })
}

export async function isCardOpen(token: string): Promise<boolean> {
  const [row] = await db().select({ revoked: screenLinks.revoked }).from(screenLinks).where(eq(screenLinks.token, token))
  return row?.revoked === false
}

/** The run and the person that an unguessable link opens. */
export async function runOfCard(token: string): Promise<{ run: StoredRun; personId: string }> {
  const [row] = await db()
    .select({ ...runColumns, subject: screenLinks.subject })
    .from(screenLinks)
    .innerJoin(runs, eq(runs.id, screenLinks.runId))
    .where(and(eq(screenLinks.token, token), eq(screenLinks.screen, 'card'), eq(screenLinks.revoked, false)))
  if (!row?.subject) throw notFound('card')
  const { subject, ...run } = row
  return { run, personId: subject }
}
