import { and, asc, desc, eq, gt, inArray, isNotNull, isNull, ne, sql } from 'drizzle-orm'
import { LRUCache } from 'lru-cache'
import { nanoid } from 'nanoid'
import type { RunEvent } from '../../core/run/clock/events'
import { apply } from '../../core/run/clock/apply'
import { advance, initialProgress, type Progress } from '../../core/run/clock/progress'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import type { Milliseconds } from '../../core/base/units'
import type { InHall, InWork } from '../db/in-hall'
import type { Transaction } from '../db/pool'
import { classes, runEvents, runs } from '../db/schema'
import { presentFormat } from '../../core/base/stored'
import { kinds, readRow, remembered } from '../db/stored'
import { notFound, refuse, Refused } from '../refused'
import { requireSpace } from './hall-limits'
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

/** Said of a run that cannot be read where it has to be. */
export const unreadableRun = () =>
  refuse('invalid', 'unreadable', 'What is kept of this run cannot be read. It can be saved as a file from the log.')
export type RunRow = Omit<StoredRun, 'snapshot'>

const known = remembered<RunSnapshot>(40)

/** The snapshot that belongs to the row's version. */
export const snapshotOf = ({ tx }: InHall, { id, hallId, version }: RunRow): Promise<RunSnapshot> =>
  known(`${hallId}/${id}/${version}`, async () => {
    const [row] = await tx
      .select({ document: runs.snapshot, format: runs.format })
      .from(runs)
      .where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
    if (!row) throw notFound('run')
    return readRow(kinds.snapshot, row)
  })

/** The same; nothing where it cannot be read: one such run stands in nobody's way. */
export const readableSnapshot = (hall: InHall, row: RunRow): Promise<RunSnapshot | undefined> =>
  snapshotOf(hall, row).catch((error: unknown) => {
    if (error instanceof Refused) return undefined
    throw error
  })

/** The room's time, asked in the work's own transaction. */
export const timeIn = ({ tx }: InWork): Promise<Milliseconds> => roomTime((query) => tx.execute<{ now: number }>(sql.raw(query)))

/**
 * The class's open run: the one under way if there is one, else a new one. While it has not started, its snapshot is renewed
 * (`snapshot`, as text), so that the room shows the class as it was last planned. Refused with what stands in the way where there
 * is no snapshot.
 */
export async function openRun(hall: InHall, classId: string, snapshot: string | Refused): Promise<RunRow> {
  const { hallId, tx } = hall
  // Two presses at once must not make two runs.
  await tx
    .select({ id: classes.id })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, classId)))
    .for('update')
  const open = await tx
    .select(runColumns)
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.classId, classId), isNull(runs.endedAt)))
    .orderBy(desc(runs.createdAt))
  for (const run of open) {
    if (run.sequence > 0) {
      if (await closeIfOver(hall, run)) continue
      return run
    }
    if (snapshot instanceof Refused) throw snapshot
    const [renewed] = await tx
      .update(runs)
      .set({ snapshot: sql`${snapshot}::jsonb`, format: presentFormat(kinds.snapshot), version: sql`${runs.version} + 1` })
      .where(and(eq(runs.hallId, hallId), eq(runs.id, run.id), sql`${runs.snapshot} is distinct from ${snapshot}::jsonb`))
      .returning(runColumns)
    if (renewed) await notifyRun(tx, run.id)
    return renewed ?? run
  }
  if (snapshot instanceof Refused) throw snapshot
  await requireSpace(hall, runs)
  const [run] = await tx
    .insert(runs)
    .values({ hallId, id: nanoid(16), classId, snapshot: sql`${snapshot}::jsonb`, format: presentFormat(kinds.snapshot) })
    .returning(runColumns)
  return run!
}

/** In a query: tells every app process that the run has something new: one event and nothing else, where its number is said. */
export const notice = (runId: string, sequence?: number) =>
  sql`pg_notify(${runChannel}, ${sequence === undefined ? runId : `${runId} ${sequence}`})`

export const notifyRun = (tx: Transaction, runId: string) => tx.execute(sql`select ${notice(runId)}`)

export async function findRow({ hallId, tx }: InHall, id: string): Promise<RunRow & { deletedAt: Date | null }> {
  const [run] = await tx
    .select({ ...runColumns, deletedAt: runs.deletedAt })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
  if (!run) throw notFound('run')
  return run
}

export async function findRun(hall: InHall, id: string): Promise<StoredRun> {
  const row = await findRow(hall, id)
  return { ...row, snapshot: await snapshotOf(hall, row) }
}

/** A run that nobody else changes, and the room's time. */
export interface LockedRun extends StoredRun {
  now: Milliseconds
}

/** The run, which nobody else changes until the work is done, and the room's time. */
export async function lockedRun(hall: InHall, id: string): Promise<LockedRun> {
  const { hallId, tx } = hall
  let row: RunRow | undefined
  const now = await roomTime(async () => {
    const rows = await tx
      .select({ ...runColumns, now: sql<number>`room_time()` })
      .from(runs)
      .where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
      .for('update')
    if (!rows[0]) throw notFound('run')
    row = rows[0]
    return { rows }
  })
  return { ...row!, snapshot: await snapshotOf(hall, row!), now }
}

/** How far runs have come, by the events that were read of them: a command in a long class must not read them all again. */
const come = new LRUCache<string, Progress>({ max: 200 })

const comeKey = ({ id, hallId, version }: RunRow) => `${hallId}/${id}/${version}`

/** How far the run has come as far as is known here: events after that have to be read. */
export function progressKnown(run: StoredRun): Progress {
  const known = come.get(comeKey(run))
  return known && known.sequence <= run.sequence ? known : initialProgress(run.snapshot.timeline)
}

/** How far it has come from there, by the events that its row counts. */
export function progressFrom(known: Progress, run: StoredRun, events: readonly RunEvent[]): Progress {
  const progress = events.filter(({ sequence }) => sequence > known.sequence && sequence <= run.sequence).reduce(apply, known)
  come.set(comeKey(run), progress)
  return progress
}

/** How far the run has come with the events that its row counts. */
export async function progressOf(hall: InHall, run: StoredRun): Promise<Progress> {
  const known = progressKnown(run)
  return progressFrom(known, run, known.sequence === run.sequence ? [] : await eventsAfter(hall, run.id, known.sequence))
}

/** An event as it is told. */
export const eventColumns = {
  sequence: runEvents.sequence,
  id: runEvents.id,
  at: runEvents.at,
  who: runEvents.who,
  command: runEvents.command,
}

export async function eventsAfter({ hallId, tx }: InHall, runId: string, sequence: number): Promise<RunEvent[]> {
  return tx
    .select(eventColumns)
    .from(runEvents)
    .where(and(eq(runEvents.hallId, hallId), eq(runEvents.runId, runId), gt(runEvents.sequence, sequence)))
    .orderBy(asc(runEvents.sequence))
}

/**
 * Marks a run whose time has run out as ended; tells whether it has. One that cannot be read is left as it is, and does not stand
 * in the way.
 */
export async function closeIfOver(hall: InHall, run: RunRow): Promise<boolean> {
  const snapshot = await readableSnapshot(hall, run)
  if (!snapshot) return true
  const progress = advance(await progressOf(hall, { ...run, snapshot }), await timeIn(hall))
  if (progress.endedAt === undefined) return false
  await hall.tx
    .update(runs)
    .set({ endedAt: new Date(progress.endedAt) })
    .where(and(eq(runs.hallId, hall.hallId), eq(runs.id, run.id)))
  return true
}

/** Runs of the hall that were started and are not marked as ended. */
export const openRuns = ({ hallId, tx }: InHall): Promise<RunRow[]> =>
  tx
    .select(runColumns)
    .from(runs)
    .where(and(eq(runs.hallId, hallId), isNull(runs.endedAt), gt(runs.sequence, 0)))

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
    .where(
      and(
        eq(runs.hallId, hallId),
        ne(runs.classId, exceptClassId),
        isNotNull(runs.startedAt),
        gt(runs.sequence, 0),
        isNull(runs.deletedAt),
      ),
    )
    // As the index has it.
    .orderBy(desc(sql`coalesce(${runs.startedAt}, ${runs.createdAt})`))
    .limit(20)
  const groupsIn = (groups: unknown) => (Array.isArray(groups) ? (groups as string[][]) : [])
  return rows.map(({ groups }) =>
    groupsIn(groups).flatMap((group) =>
      group.flatMap((one, index) => group.slice(index + 1).map((other): [string, string] => [one, other])),
    ),
  )
}
