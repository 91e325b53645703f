import { and, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import { nobody } from '../../core/library/erase'
import { asItHappened, type Actual } from '../../core/records/actual'
import { attendancesOf, type Attendance } from '../../core/records/did'
import { placesOf, type ResultPlaces } from '../../core/records/result-places'
import { runRecord } from '../../core/records/run-record'
import { tappedResults } from '../../core/records/tapped'
import type { RunEvent } from '../../core/run/clock/events'
import type { Milliseconds } from '../../core/base/units'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import type { InHall } from '../db/in-hall'
import { attendances, resultEntries, results, runs, unrecorded } from '../db/schema'
import { keepTasks, taskKey } from './tasks'
import { eventsAfter, readableSnapshot, runColumns, timeIn, type RunRow } from './runs'

/** A run, read whole: what it was taken from, and what became of it. */
export interface PlayedRun {
  row: RunRow
  snapshot: RunSnapshot
  actual: Actual
  places: ResultPlaces
  attendances: Attendance[]
}

/** Nothing where it cannot be read. */
export async function playedRun(hall: InHall, row: RunRow): Promise<PlayedRun | undefined> {
  const snapshot = await readableSnapshot(hall, row)
  return snapshot && playedFrom(row, snapshot, await eventsAfter(hall, row.id, 0), await timeIn(hall))
}

/** The same of what has been read of it. */
export function playedFrom(row: RunRow, snapshot: RunSnapshot, events: readonly RunEvent[], now: Milliseconds): PlayedRun {
  const actual = asItHappened(snapshot.timeline, events, now)
  const { timeline, worked } = actual.end
  const known = new Set(snapshot.people.filter(({ name }) => name !== nobody).map(({ id }) => id))
  const were = attendancesOf(snapshot, timeline, worked).filter(({ personId }) => known.has(personId))
  return {
    row,
    snapshot,
    actual,
    places: placesOf(snapshot, timeline),
    attendances: were.map((one) => ({ ...one, partners: one.partners.filter((id) => known.has(id)) })),
  }
}

/** So many runs are recorded in one piece of work: their snapshots are large. A page that waits for it takes only the latest few. */
const atOnce = { byItself: 20, forAPage: 3, besideRooms: 1 } as const

/**
 * Makes the records of runs that have ended and have none yet, or have changed since: what lists and charts read, so that none
 * reads a run whole. Answers whether there is more to do.
 */
export const recordRuns = (hall: InHall): Promise<boolean> => recordSome(hall, atOnce.byItself)

/** The same of one: by an app that has rooms to serve meanwhile. */
export const recordOne = (hall: InHall): Promise<boolean> => recordSome(hall, atOnce.besideRooms)

/** The same of the few that ended last, before something of them is shown: most often there is none, or the one that just ended. */
export const recordLatest = (hall: InHall): Promise<boolean> => recordSome(hall, atOnce.forAPage)

async function recordSome(hall: InHall, most: number): Promise<boolean> {
  const { hallId, tx } = hall
  const rows = await tx
    .select(runColumns)
    .from(runs)
    .where(and(eq(runs.hallId, hallId), isNotNull(runs.endedAt), unrecorded))
    .orderBy(desc(runs.endedAt))
    .limit(most)
  for (const row of rows) await recordRun(hall, row)
  return rows.length === most
}

/** The record of one run, made anew if it has changed since. */
export async function recordRun(hall: InHall, row: RunRow, played?: PlayedRun): Promise<void> {
  const { hallId, tx } = hall
  const [stale] = await tx
    .select({ startedAt: runs.startedAt, createdAt: runs.createdAt })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.id, row.id), unrecorded))
    .for('update')
  if (!stale) return
  const run = played ?? (await playedRun(hall, row))
  const at = stale.startedAt ?? stale.createdAt
  if (run) await keepAttendances(hall, run, at)
  if (run) await keepTapped(hall, run, at)
  await tx
    .update(runs)
    .set({
      record: run ? runRecord(run.snapshot, run.actual, run.attendances) : null,
      recordVersion: row.version,
      recordSequence: row.sequence,
    })
    .where(and(eq(runs.hallId, hallId), eq(runs.id, row.id)))
}

async function keepAttendances({ hallId, tx }: InHall, { row, snapshot, actual, attendances: were }: PlayedRun, at: Date): Promise<void> {
  await tx.delete(attendances).where(and(eq(attendances.hallId, hallId), eq(attendances.runId, row.id)))
  if (were.length === 0) return
  const easyOn = new Map(snapshot.people.map(({ id, goEasy }) => [id, goEasy]))
  const minutes = (actual.total ?? 0) / 60_000
  await tx.insert(attendances).values(
    were.map(({ personId, did, partners }) => ({
      hallId,
      runId: row.id,
      personId,
      classId: row.classId,
      at,
      minutes,
      did,
      partners,
      goEasy: easyOn.get(personId) ?? [],
    })),
  )
}

/** What was tapped, as it is now: what was put down by hand goes before it, and stays. */
async function keepTapped(hall: InHall, { row, snapshot, actual, places, attendances: were }: PlayedRun, at: Date): Promise<void> {
  const { hallId, tx } = hall
  const known = new Set(were.map(({ personId }) => personId))
  const ofRun = and(eq(results.hallId, hallId), eq(results.runId, row.id))
  await tx
    .update(results)
    .set({ tapped: null, splits: null, tappedOf: row.sequence, outcome: sql`case when ${results.isEntered} then ${results.outcome} end` })
    .where(ofRun)
  const tapped = tappedResults(snapshot, places, actual.end).flatMap((one) => {
    const done = known.has(one.personId) ? places.taskAt(one, one.personId) : undefined
    return done ? [{ ...one, ...done }] : []
  })
  if (tapped.length > 0) {
    await keepTasks(
      hall,
      tapped.map(({ task }) => task),
    )
    await tx
      .insert(results)
      .values(
        tapped.map(({ place, measure, name, personId, outcome, entry, splits, task, option }) => ({
          ...{ hallId, runId: row.id, place, measure, personId, name, at, taskKey: taskKey(task), option },
          ...{ outcome, entry, tapped: outcome, splits, tappedOf: row.sequence },
        })),
      )
      .onConflictDoUpdate({
        target: [results.hallId, results.runId, results.place, results.measure, results.personId],
        set: {
          tapped: sql`excluded.tapped`,
          splits: sql`excluded.splits`,
          outcome: sql`case when ${results.isEntered} then ${results.outcome} else excluded.outcome end`,
          entry: sql`case when ${results.isEntered} then ${results.entry} else excluded.entry end`,
        },
      })
  }
  await tx.delete(results).where(and(ofRun, isNull(results.outcome), isNull(results.tapped), eq(results.isEntered, false)))
}

/** Whoever is erased: their results, and what was put down of them before; that somebody was there stays in the run. */
export async function eraseFromRecords({ hallId, tx }: InHall, personId: string): Promise<void> {
  for (const table of [results, resultEntries, attendances])
    await tx.delete(table).where(and(eq(table.hallId, hallId), eq(table.personId, personId)))
  await tx
    .update(attendances)
    .set({ partners: sql`array_remove(${attendances.partners}, ${personId})` })
    .where(and(eq(attendances.hallId, hallId), sql`${personId} = any(${attendances.partners})`))
}
