import { and, desc, eq, gt, ilike, inArray, isNull, lt, or, sql, type SQL } from 'drizzle-orm'
import type { LogEntry, LogPage } from '../../core/trends/run-log'
import type { InHall } from '../db/in-hall'
import { attendances, classes, people, runs } from '../db/schema'

/** Lines on a page. */
export const logPageLength = 40

const moment = sql`coalesce(${runs.startedAt}, ${runs.createdAt})`

const present = (hallId: string) => and(eq(runs.hallId, hallId), gt(runs.sequence, 0), isNull(runs.deletedAt))

/** A text that is looked for as it is. */
const anywhere = (text: string) => `%${text.replace(/[\\%_]/g, '\\$&')}%`

interface Asked {
  /** Of a class, or of somebody who was there, by a part of the name. */
  search?: string
  /** Where the page before ended. */
  before?: string
}

/** Classes that have been run. */
export async function runLog(hall: InHall, { search = '', before }: Asked = {}): Promise<LogPage> {
  const { hallId } = hall
  const wanted = anywhere(search)
  const found = search === '' ? undefined : or(ilike(runs.className, wanted), inArray(runs.id, runsWith(hall, wanted)))
  const rows = await entries(
    hall,
    and(present(hallId), found, before ? lt(moment, sql`${before}::timestamptz`) : undefined),
    logPageLength + 1,
  )
  const older = rows.length > logPageLength ? rows[logPageLength - 1] : undefined
  return { entries: rows.slice(0, logPageLength).map(({ at: _, record: __, ...entry }) => entry), ...(older && { older: older.at }) }
}

/** Runs in which somebody was whose name has that in it. */
const runsWith = ({ hallId, tx }: InHall, wanted: string) =>
  tx
    .select({ runId: attendances.runId })
    .from(attendances)
    .innerJoin(people, and(eq(people.hallId, attendances.hallId), eq(people.id, attendances.personId)))
    .where(and(eq(attendances.hallId, hallId), ilike(people.name, wanted)))

/** Runs of a class that are compared with each other: of its series, or of classes called the same; the latest first. */
export async function runsLike(hall: InHall, classId: string, most: number): Promise<LogEntry[]> {
  const { hallId, tx } = hall
  const [own] = await tx
    .select({ name: classes.name, seriesId: classes.seriesId })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, classId)))
  const series = own?.seriesId
    ? inArray(
        runs.classId,
        tx
          .select({ id: classes.id })
          .from(classes)
          .where(and(eq(classes.hallId, hallId), eq(classes.seriesId, own.seriesId))),
      )
    : undefined
  const same = or(eq(runs.classId, classId), eq(runs.className, own?.name ?? ''), series)
  return (await entries(hall, and(present(hallId), same), most)).map(({ at: _, ...entry }) => entry)
}

async function entries({ hallId, tx }: InHall, where: SQL | undefined, most: number): Promise<(LogEntry & { at: string })[]> {
  // Which they are is found by what is small; what they say is read of those alone.
  const wanted = tx.select({ id: runs.id }).from(runs).where(where).orderBy(desc(moment)).limit(most)
  const rows = await tx
    .select({
      id: runs.id,
      classId: runs.classId,
      className: runs.className,
      roomName: runs.roomName,
      plannedSeconds: runs.plannedSeconds,
      slotSeconds: runs.slotSeconds,
      names: sql<unknown>`jsonb_path_query_array(${runs.people}, '$[*].name')`,
      record: runs.record,
      at: sql<string>`${moment}::text`,
      startedAt: runs.startedAt,
      endedAt: runs.endedAt,
    })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), inArray(runs.id, wanted)))
    .orderBy(desc(moment))
  return rows.map(({ className, roomName, plannedSeconds, slotSeconds, names, record, startedAt, endedAt, ...row }) => ({
    ...row,
    className: className ?? 'A class that cannot be read',
    roomName: roomName ?? '',
    people: Array.isArray(names) ? names.map(String) : [],
    startedAt: startedAt?.toISOString() ?? null,
    endedAt: endedAt?.toISOString() ?? null,
    ...(plannedSeconds !== null && { plannedSeconds }),
    ...(slotSeconds !== null && { slotSeconds }),
    ...(record && { record }),
  }))
}
