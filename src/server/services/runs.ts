import { and, asc, count, desc, eq, gt, inArray, isNotNull, isNull, ne, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { commandFor } from '../../core/run/asked'
import type { CommandRequest, RunEvent } from '../../core/run/events'
import { applicable, apply, foldEvents } from '../../core/run/apply'
import { advance } from '../../core/run/progress'
import { isTap } from '../../core/run/taps'
import type { RunSnapshot } from '../../core/run/snapshot'
import type { Milliseconds } from '../../core/units'
import type { InHall } from '../db/in-hall'
import type { Transaction } from '../db/pool'
import { classes, runEvents, runs } from '../db/schema'
import { kinds, readRow, remembered } from '../db/stored'
import { notFound, refuse, Refused } from '../http/respond'
import { roomTime } from '../live/room-time'

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

/** A run without its snapshot, which is large and seldom new. */
export const runColumns = { id: runs.id, hallId: runs.hallId, classId: runs.classId, version: runs.version, sequence: runs.sequence }
export type RunRow = Omit<StoredRun, 'snapshot'>

/** A run has at most so many events, and so much said in them: a class of six hours with a tap every two seconds. */
const most = { events: 10_000, eventBytes: 20_000_000 } as const

const known = remembered<RunSnapshot>(40)

/** The snapshot that belongs to the row's version. */
export const snapshotOf = ({ tx }: InHall, { id, hallId, version }: RunRow): Promise<RunSnapshot> =>
  known(`${hallId}/${id}/${version}`, async () => {
    const [row] = await tx.select({ document: runs.snapshot, format: runs.format }).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
    if (!row) throw notFound('run')
    return readRow(kinds.snapshot, row)
  })

/** The room's time, asked in the work's own transaction. */
export const timeIn = ({ tx }: InHall): Promise<Milliseconds> => roomTime((query) => tx.execute<{ now: number }>(sql.raw(query)))

/**
 * The class's open run: the one under way if there is one, else a new one. While it has not started, its snapshot is renewed (`snapshot`, as text), so that
 * the room shows the class as it was last planned. Refused with what stands in the way where there is no snapshot.
 */
export async function openRun(hall: InHall, classId: string, snapshot: string | Refused): Promise<RunRow> {
  const { hallId, tx } = hall
  // Two presses at once must not make two runs.
  await tx.select({ id: classes.id }).from(classes).where(and(eq(classes.hallId, hallId), eq(classes.id, classId))).for('update')
  const open = await tx.select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.classId, classId), isNull(runs.endedAt))).orderBy(desc(runs.createdAt))
  for (const run of open) {
    if (run.sequence > 0) {
      if (await closeIfOver(hall, run)) continue
      return run
    }
    if (snapshot instanceof Refused) throw snapshot
    const [renewed] = await tx
      .update(runs)
      .set({ snapshot: sql`${snapshot}::jsonb`, version: sql`${runs.version} + 1` })
      .where(and(eq(runs.hallId, hallId), eq(runs.id, run.id), sql`${runs.snapshot} is distinct from ${snapshot}::jsonb`))
      .returning(runColumns)
    if (renewed) await notifyRun(tx, run.id)
    return renewed ?? run
  }
  if (snapshot instanceof Refused) throw snapshot
  const [run] = await tx.insert(runs).values({ hallId, id: nanoid(16), classId, snapshot: sql`${snapshot}::jsonb` }).returning(runColumns)
  return run!
}

/** Tells every app process that the run has something new: one event and nothing else, where its number is said. */
export const notifyRun = (tx: Transaction, runId: string, sequence?: number) => tx.execute(sql`select pg_notify(${runChannel}, ${sequence === undefined ? runId : `${runId} ${sequence}`})`)

async function findRow({ hallId, tx }: InHall, id: string, lock = false): Promise<RunRow> {
  const query = tx.select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
  const [run] = await (lock ? query.for('update') : query)
  if (!run) throw notFound('run')
  return run
}

export async function findRun(hall: InHall, id: string): Promise<StoredRun> {
  const row = await findRow(hall, id)
  return { ...row, snapshot: await snapshotOf(hall, row) }
}

/** The run, which nobody else changes until the work is done. */
export async function lockedRun(hall: InHall, id: string): Promise<StoredRun> {
  const row = await findRow(hall, id, true)
  return { ...row, snapshot: await snapshotOf(hall, row) }
}

export async function eventsAfter({ hallId, tx }: InHall, runId: string, sequence: number): Promise<RunEvent[]> {
  return tx
    .select({ sequence: runEvents.sequence, id: runEvents.id, at: runEvents.at, who: runEvents.who, command: runEvents.command })
    .from(runEvents)
    .where(and(eq(runEvents.hallId, hallId), eq(runEvents.runId, runId), gt(runEvents.sequence, sequence)))
    .orderBy(asc(runEvents.sequence))
}

async function requireSpace({ hallId, tx }: InHall, run: RunRow): Promise<void> {
  if (run.sequence < most.events && run.sequence % 100 !== 99) return
  const [used] = await tx.select({ events: count(), bytes: sql<number>`coalesce(sum(pg_column_size(${runEvents.command})), 0)::float8` }).from(runEvents).where(and(eq(runEvents.hallId, hallId), eq(runEvents.runId, run.id)))
  if (used!.events >= most.events || used!.bytes >= most.eventBytes) throw refuse(409, 'tooManyEvents', 'More has happened in this class than one class can keep. It can still be stopped and ended; open it anew to go on.')
}

const neverRefused = new Set(['stop', 'finish'])

/**
 * Takes a command into the run's order. A repeat (the same id) answers with what it did the first time; one that was
 * decided on an older state is refused with 409 and the events it had not seen, and so is one that means nothing now. A stop and a tap are never too
 * late: they are told what they had `missed`.
 */
export async function takeCommand(hall: InHall, runId: string, request: CommandRequest): Promise<{ event: RunEvent; missed: RunEvent[]; repeated: boolean }> {
  const { hallId, tx } = hall
  const run = await lockedRun(hall, runId)
  const events = await eventsAfter(hall, run.id, 0)
  const before = events.find((event) => event.id === request.id)
  const missed = events.filter((event) => event.sequence > request.expectedSequence && event !== before)
  if (before) return { event: before, missed, repeated: true }
  if (request.expectedSequence !== run.sequence && request.command.type !== 'stop' && !isTap(request.command)) {
    throw refuse(409, 'stale', 'Somebody else was quicker. This screen now shows where the class is; press again if you still want to.', { events: missed })
  }
  if (!neverRefused.has(request.command.type)) await requireSpace(hall, run)
  const progress = foldEvents(run.snapshot.timeline, events)
  const at = Math.max(Math.round(await timeIn(hall)), progress.at)
  const now = advance(progress, at)
  // From the very state that the screen had: what it showed is what is done.
  const asked = commandFor(request.command, run.snapshot, progress)
  if (!asked.ok) throw new Refused(409, asked.problems, { events: [] })
  const command = asked.value
  if (!applicable(now, command)) {
    if (command.type === 'amend') throw refuse(409, 'notNow', 'The class has gone on to its next part meanwhile. Look at the ways again.', { events: [] })
    if (isTap(command)) throw refuse(409, 'notNow', 'That was tapped outside a part at one’s own pace, or too long after the class, and does not count.', { events: [] })
    throw refuse(409, 'notNow', `"${command.type}" means nothing while the class is ${now.mode}.`, { events: [] })
  }
  const event: RunEvent = { sequence: run.sequence + 1, id: request.id, at, who: request.who, command }
  const after = apply(now, event)
  await tx.insert(runEvents).values({ hallId, runId: run.id, ...event })
  await tx
    .update(runs)
    .set({
      sequence: event.sequence,
      ...(after.startedAt !== undefined && { startedAt: new Date(after.startedAt) }),
      ...(after.endedAt !== undefined && { endedAt: new Date(after.endedAt) }),
    })
    .where(and(eq(runs.hallId, hallId), eq(runs.id, run.id)))
  await notifyRun(tx, run.id, event.sequence)
  return { event, missed, repeated: false }
}

/** Marks a run whose time has run out as ended; tells whether it has. One that cannot be read is left as it is, and does not stand in the way. */
export async function closeIfOver(hall: InHall, run: RunRow): Promise<boolean> {
  const snapshot = await snapshotOf(hall, run).catch((error: unknown) => {
    if (error instanceof Refused) return undefined
    throw error
  })
  if (!snapshot) return true
  const progress = advance(foldEvents(snapshot.timeline, await eventsAfter(hall, run.id, 0)), await timeIn(hall))
  if (progress.endedAt === undefined) return false
  await hall.tx.update(runs).set({ endedAt: new Date(progress.endedAt) }).where(and(eq(runs.hallId, hall.hallId), eq(runs.id, run.id)))
  return true
}

/** Runs of the hall that were started and are not marked as ended. */
export const openRuns = ({ hallId, tx }: InHall): Promise<RunRow[]> => tx.select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), isNull(runs.endedAt), gt(runs.sequence, 0)))

export interface LogEntry {
  id: string
  classId: string
  className: string
  roomName: string
  people: { id: string; name: string }[]
  createdAt: Date
  startedAt: Date | null
  endedAt: Date | null
  /** Absent where the run cannot be read. */
  plannedSeconds?: number
}

/** Runs that were started, the latest first; of one class when `classId` is given. At most 200. */
export async function runLog({ hallId, tx }: InHall, classId?: string): Promise<LogEntry[]> {
  const rows = await tx
    .select({ id: runs.id, classId: runs.classId, className: runs.className, roomName: runs.roomName, plannedSeconds: runs.plannedSeconds, people: runs.people, createdAt: runs.createdAt, startedAt: runs.startedAt, endedAt: runs.endedAt })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), classId === undefined ? undefined : eq(runs.classId, classId), gt(runs.sequence, 0)))
    .orderBy(desc(sql`coalesce(${runs.startedAt}, ${runs.createdAt})`))
    .limit(200)
  return rows.map(({ className, roomName, plannedSeconds, people, ...row }) => ({
    ...row,
    className: className ?? 'A class that cannot be read',
    roomName: roomName ?? '',
    people: (Array.isArray(people) ? (people as { id?: unknown; name?: unknown }[]) : []).map(({ id, name }) => ({ id: String(id), name: String(name) })),
    ...(plannedSeconds !== null && { plannedSeconds }),
  }))
}

/** The hall's last 60 runs in which something was tapped, the latest first, with their events. */
export async function tappedRuns(hall: InHall): Promise<(RunRow & { events: RunEvent[] })[]> {
  const { hallId, tx } = hall
  const tapped = tx.selectDistinct({ runId: runEvents.runId }).from(runEvents).where(and(eq(runEvents.hallId, hallId), sql`${runEvents.command}->>'type' = 'tap'`))
  const rows = await tx.select(runColumns).from(runs).where(and(eq(runs.hallId, hallId), inArray(runs.id, tapped))).orderBy(desc(runs.startedAt)).limit(60)
  const found: (RunRow & { events: RunEvent[] })[] = []
  for (const row of rows) found.push({ ...row, events: await eventsAfter(hall, row.id, 0) })
  return found
}

/** Ids of the classes among `classIds` that have a run under way. */
export async function classesUnderWay({ hallId, tx }: InHall, classIds: string[]): Promise<Set<string>> {
  if (classIds.length === 0) return new Set()
  const rows = await tx
    .select({ classId: runs.classId })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), inArray(runs.classId, classIds), isNull(runs.endedAt), gt(runs.sequence, 0)))
  return new Set(rows.map((row) => row.classId))
}

/** Who was in a group with whom in the last runs of other classes, most recent first. */
export async function pastPartners({ hallId, tx }: InHall, exceptClassId: string): Promise<[string, string][][]> {
  const rows = await tx
    .select({ groups: sql<unknown>`${runs.snapshot}->'groups'` })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), ne(runs.classId, exceptClassId), isNotNull(runs.startedAt)))
    .orderBy(desc(runs.startedAt))
    .limit(20)
  const groupsIn = (groups: unknown) => (Array.isArray(groups) ? (groups as string[][]) : [])
  return rows.map(({ groups }) => groupsIn(groups).flatMap((group) => group.flatMap((one, index) => group.slice(index + 1).map((other): [string, string] => [one, other]))))
}
