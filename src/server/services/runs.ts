import { and, asc, desc, eq, gt, inArray, isNotNull, isNull, ne, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { computeClass } from '../../core/class/compute'
import type { CommandRequest, RunEvent } from '../../core/run/events'
import { applicable, apply, foldEvents } from '../../core/run/apply'
import { advance } from '../../core/run/progress'
import { compared, resultsOf, type PartResult } from '../../core/run/results'
import { isTap } from '../../core/run/taps'
import { takeSnapshot, type RunSnapshot } from '../../core/run/snapshot'
import type { Result } from '../../core/result'
import type { Milliseconds } from '../../core/units'
import { db, sql as connection, type Database, type Transaction } from '../db/client'
import { classes, runEvents, runs, screenLinks } from '../db/schema'
import { notFound, refuse, Refused } from '../http/respond'
import { findClass } from './classes'
import { hallLibrary, hallRooms } from './halls'

/** The channel on which app processes tell each other that a run has something new. */
export const runChannel = 'vicinor_run'

export interface StoredRun {
  id: string
  hallId: string
  classId: string
  version: number
  sequence: number
  snapshot: RunSnapshot
}

export const runColumns = {
  id: runs.id,
  hallId: runs.hallId,
  classId: runs.classId,
  version: runs.version,
  sequence: runs.sequence,
  snapshot: runs.snapshot,
}

export const databaseNow = sql<number>`(extract(epoch from clock_timestamp()) * 1000)::float8`

/** The room's time, in milliseconds: the database's clock, so that several app processes agree. */
export async function roomTime(): Promise<Milliseconds> {
  const [row] = await connection()`select (extract(epoch from clock_timestamp()) * 1000)::float8 as now`
  return row!.now as number
}

/** The class as a run of it would begin now; problems, if it cannot. */
export async function snapshotNow(hallId: string, classId: string): Promise<Result<RunSnapshot>> {
  const [stored, library, rooms] = await Promise.all([findClass(hallId, classId), hallLibrary(hallId), hallRooms(hallId)])
  const room = rooms.find((each) => each.id === stored.document.roomId)
  return takeSnapshot(stored.document, computeClass(stored.document, library), library, room?.name ?? '')
}

/**
 * The class's open run: the one under way if there is one, else a new one. While it has not started, its snapshot is
 * taken anew, so that the room shows the class as it was last planned.
 */
export async function openRun(hallId: string, classId: string): Promise<StoredRun> {
  const snapshot = await snapshotNow(hallId, classId)
  return db().transaction(async (tx) => {
    // Two presses at once must not make two runs.
    await tx.select({ id: classes.id }).from(classes).where(eq(classes.id, classId)).for('update')
    const open = await tx.select(runColumns).from(runs).where(and(eq(runs.classId, classId), isNull(runs.endedAt))).orderBy(desc(runs.createdAt))
    for (const run of open) {
      if (await closeIfOver(tx, run)) continue
      if (run.sequence > 0) return run
      if (!snapshot.ok) throw new Refused(422, snapshot.problems)
      if (JSON.stringify(snapshot.value) === JSON.stringify(run.snapshot)) return run
      const [renewed] = await tx.update(runs).set({ snapshot: snapshot.value, version: run.version + 1 }).where(eq(runs.id, run.id)).returning(runColumns)
      await notifyRun(tx, run.id)
      return renewed!
    }
    if (!snapshot.ok) throw new Refused(422, snapshot.problems)
    const [run] = await tx.insert(runs).values({ hallId, id: nanoid(16), classId, snapshot: snapshot.value }).returning(runColumns)
    await tx.insert(screenLinks).values({ token: nanoid(24), hallId, runId: run!.id, screen: 'wall' })
    return run!
  })
}

/** Tells every app process that the run has something new. */
export const notifyRun = (tx: Transaction, runId: string) => tx.execute(sql`select pg_notify(${runChannel}, ${runId})`)

export async function findRun(hallId: string, id: string): Promise<StoredRun> {
  const [run] = await db().select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
  if (!run) throw notFound('run')
  return run
}

type Reader = Pick<Database, 'select'>

export async function eventsAfter(runId: string, sequence: number, reader: Reader = db()): Promise<RunEvent[]> {
  return reader
    .select({ sequence: runEvents.sequence, id: runEvents.id, at: runEvents.at, who: runEvents.who, command: runEvents.command })
    .from(runEvents)
    .where(and(eq(runEvents.runId, runId), gt(runEvents.sequence, sequence)))
    .orderBy(asc(runEvents.sequence))
}

export async function runVersion(runId: string): Promise<number> {
  const [row] = await db().select({ version: runs.version }).from(runs).where(eq(runs.id, runId))
  return row?.version ?? 0
}

/**
 * Takes a command into the run's order. A repeat (the same id) answers with what it did the first time; one that was
 * decided on an older state is refused with 409 and the events it had not seen, and so is one that means nothing now. A stop and a tap are never too
 * late: they are told what they had `missed`.
 */
export async function takeCommand(hallId: string, runId: string, request: CommandRequest): Promise<{ event: RunEvent; missed: RunEvent[]; repeated: boolean }> {
  return db().transaction(async (tx) => {
    const [run] = await tx.select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.id, runId))).for('update')
    if (!run) throw notFound('run')
    const events = await eventsAfter(runId, 0, tx)
    const before = events.find((event) => event.id === request.id)
    const missed = events.filter((event) => event.sequence > request.expectedSequence && event !== before)
    if (before) return { event: before, missed, repeated: true }
    if (request.expectedSequence !== run.sequence && request.command.type !== 'stop' && !isTap(request.command)) {
      throw refuse(409, 'stale', 'Somebody else was quicker. This screen now shows where the class is; press again if you still want to.', { events: missed })
    }
    const [clock] = await tx.select({ now: databaseNow }).from(runs).where(eq(runs.id, runId))
    const progress = foldEvents(run.snapshot.timeline, events)
    const at = Math.max(Math.round(clock!.now), progress.at)
    const now = advance(progress, at)
    if (!applicable(now, request.command)) {
      if (request.command.type === 'amend') throw refuse(409, 'notNow', 'The class has gone on to its next part meanwhile. Look at the ways again.', { events: [] })
      if (isTap(request.command)) throw refuse(409, 'notNow', 'That was tapped outside a part at one’s own pace, or too long after the class, and does not count.', { events: [] })
      throw refuse(409, 'notNow', `"${request.command.type}" means nothing while the class is ${now.mode}.`, { events: [] })
    }
    const event: RunEvent = { sequence: run.sequence + 1, id: request.id, at, who: request.who, command: request.command }
    const after = apply(now, event)
    await tx.insert(runEvents).values({ hallId, runId, ...event })
    await tx
      .update(runs)
      .set({
        sequence: event.sequence,
        ...(after.startedAt !== undefined && { startedAt: new Date(after.startedAt) }),
        ...(after.endedAt !== undefined && { endedAt: new Date(after.endedAt) }),
      })
      .where(eq(runs.id, runId))
    await notifyRun(tx, runId)
    return { event, missed, repeated: false }
  })
}

/** Marks a run whose time has run out as ended; tells whether it has. */
async function closeIfOver(reader: Transaction | Database, run: StoredRun): Promise<boolean> {
  const progress = advance(foldEvents(run.snapshot.timeline, await eventsAfter(run.id, 0, reader)), await roomTime())
  if (progress.endedAt === undefined) return false
  await reader.update(runs).set({ endedAt: new Date(progress.endedAt) }).where(eq(runs.id, run.id))
  return true
}

export interface LogEntry {
  id: string
  classId: string
  className: string
  roomName: string
  people: { id: string; name: string }[]
  createdAt: Date
  startedAt: Date | null
  endedAt: Date | null
  plannedSeconds: number
}

/** Runs that were started, the latest first; of one class when `classId` is given. At most 200. */
export async function runLog(hallId: string, classId?: string): Promise<LogEntry[]> {
  const of = and(eq(runs.hallId, hallId), classId === undefined ? undefined : eq(runs.classId, classId), gt(runs.sequence, 0))
  for (const run of await db().select(runColumns).from(runs).where(and(of, isNull(runs.endedAt)))) await closeIfOver(db(), run)
  const rows = await db()
    .select({ ...runColumns, createdAt: runs.createdAt, startedAt: runs.startedAt, endedAt: runs.endedAt })
    .from(runs)
    .where(of)
    .orderBy(desc(sql`coalesce(${runs.startedAt}, ${runs.createdAt})`))
    .limit(200)
  return rows.map(({ snapshot, ...row }) => ({
    id: row.id,
    classId: row.classId,
    className: snapshot.name,
    roomName: snapshot.roomName,
    people: [...snapshot.people, ...(snapshot.left ?? [])].map(({ id, name }) => ({ id, name })),
    createdAt: row.createdAt,
    startedAt: row.startedAt,
    endedAt: row.endedAt,
    plannedSeconds: snapshot.timeline.total,
  }))
}

/** What was tapped in the runs of a class, by run, beside the time before in whichever class; runs without taps are not there. Looks at the hall's last 60 that were tapped. */
export async function classResults(hallId: string, classId: string): Promise<Record<string, PartResult[]>> {
  const tapped = db().selectDistinct({ runId: runEvents.runId }).from(runEvents).where(and(eq(runEvents.hallId, hallId), sql`${runEvents.command}->>'type' = 'tap'`))
  const rows = await db().select({ id: runs.id, classId: runs.classId, snapshot: runs.snapshot }).from(runs).where(and(eq(runs.hallId, hallId), inArray(runs.id, tapped))).orderBy(desc(runs.startedAt)).limit(60)
  const results = compared(await Promise.all(rows.map(async ({ id, snapshot }) => resultsOf(snapshot, await eventsAfter(id, 0)))))
  return Object.fromEntries(rows.flatMap((row, index) => (row.classId === classId && results[index]!.length > 0 ? [[row.id, results[index]!]] : [])))
}

/** Ids of the classes among `classIds` that have a run under way. */
export async function classesUnderWay(classIds: string[]): Promise<Set<string>> {
  if (classIds.length === 0) return new Set()
  const rows = await db()
    .select({ classId: runs.classId })
    .from(runs)
    .where(and(inArray(runs.classId, classIds), isNull(runs.endedAt), gt(runs.sequence, 0)))
  return new Set(rows.map((row) => row.classId))
}

/** Who was in a group with whom in the last runs of other classes, most recent first. */
export async function pastPartners(hallId: string, exceptClassId: string): Promise<[string, string][][]> {
  const rows = await db()
    .select({ groups: sql<string[][]>`${runs.snapshot}->'groups'` })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), ne(runs.classId, exceptClassId), isNotNull(runs.startedAt)))
    .orderBy(desc(runs.startedAt))
    .limit(20)
  return rows.map(({ groups }) => groups.flatMap((group) => group.flatMap((one, index) => group.slice(index + 1).map((other): [string, string] => [one, other]))))
}
