import { randomInt } from 'node:crypto'
import { and, desc, eq, gt, isNull, lt, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { pairingCode, type PairingRequest } from '../../core/run/screens/pairing'
import { stationsIn } from '../../core/run/screens/station-view'
import type { Milliseconds } from '../../core/base/units'
import type { InHall, InWork } from '../db/in-hall'
import { pairings, runs } from '../db/schema'
import { notFound, refuse } from '../refused'
import { audit } from './audit'
import { linksTo, subjectsOf, theOne } from './links'
import { findRun, readableSnapshot, runColumns, timeIn } from './runs'

const minutes: Milliseconds = 60_000

/** So long a code can be typed. */
export const codeLives: Milliseconds = 10 * minutes

const forgottenAfter: Milliseconds = 24 * 60 * minutes

/** What a screen knows that waits to be told what to show: `path` once it was. `left`: how long the code still lives. */
export interface Pairing {
  device: string
  code: string
  left: Milliseconds
  path: string | null
}

/** Classes whose rooms were opened in the last day and have not ended, the latest first. */
export async function roomsOpen(hall: InHall): Promise<{ id: string; name: string; stations: number[] }[]> {
  const { hallId, tx } = hall
  const rows = await tx
    .select(runColumns)
    .from(runs)
    .where(and(eq(runs.hallId, hallId), isNull(runs.endedAt), gt(runs.createdAt, sql`now() - interval '1 day'`)))
    .orderBy(desc(runs.createdAt))
    .limit(20)
  const found: { id: string; name: string; stations: number[] }[] = []
  for (const row of rows) {
    const snapshot = await readableSnapshot(hall, row)
    if (snapshot) found.push({ id: row.id, name: snapshot.name, stations: stationsIn(snapshot) })
  }
  return found
}

/** A new code for a screen. */
export async function newPairing(work: InWork): Promise<Pairing> {
  const { tx } = work
  const now = Math.round(await timeIn(work))
  await tx.delete(pairings).where(lt(pairings.until, now - forgottenAfter))
  for (;;) {
    const wanted = { device: nanoid(24), code: pairingCode((below) => randomInt(below)), until: now + codeLives }
    // A code that nobody can use any more may be used again.
    await tx.delete(pairings).where(and(eq(pairings.code, wanted.code), lt(pairings.until, now)))
    const [made] = await tx.insert(pairings).values(wanted).onConflictDoNothing().returning()
    if (made) return { device: made.device, code: made.code, left: codeLives, path: null }
  }
}

export async function pairingOf(work: InWork, device: string): Promise<Pairing> {
  const [row] = await work.tx.select().from(pairings).where(eq(pairings.device, device))
  if (!row) throw notFound('screen')
  return { device, code: row.code, left: Math.max(0, row.until - (await timeIn(work))), path: row.path }
}

/** Sends the screen that shows the code to a screen of the run; tells where. */
export async function pair(hall: InHall, runId: string, { code, show }: PairingRequest): Promise<{ path: string }> {
  const run = await findRun(hall, runId)
  const subject = show.screen === 'station' ? String(show.station) : theOne
  if (!subjectsOf(show.screen, run.snapshot).includes(subject))
    throw refuse('invalid', 'noSuchStation', `This class has no station ${subject}.`)
  const [link] = await linksTo(hall, run, show.screen, [subject])
  const path = show.screen === 'wall' ? `/wall/${link!.token}?layout=${show.layout}` : `/station/${link!.token}`
  const alive = and(eq(pairings.code, code), isNull(pairings.path), gt(pairings.until, Math.round(await timeIn(hall))))
  const [paired] = await hall.tx.update(pairings).set({ path }).where(alive).returning({ device: pairings.device })
  if (!paired)
    throw refuse('missing', 'noSuchCode', `No screen shows the code ${code} now. A code lives ten minutes: look at the screen again.`)
  await audit(hall, 'screenPaired', { about: show.screen === 'station' ? `station ${show.station}` : show.screen })
  return { path }
}
