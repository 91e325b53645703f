import { and, asc, desc, eq, gte, inArray, isNull, lt, lte, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { ClassSave } from '../../core/class/save'
import type { ClassDocument } from '../../core/class/class-document'
import { limits } from '../../core/base/limits'
import { presentFormat } from '../../core/base/stored'
import type { InHall } from '../db/in-hall'
import { classes, classRevisions, rooms } from '../db/schema'
import { kinds, readRow, remembered } from '../db/stored'
import { notFound, refuse } from '../refused'
import { requireSpace } from './hall-limits'

export interface StoredClass {
  id: string
  version: number
  document: ClassDocument
  updatedAt: Date
}

/** Of a class all but its document, which is large. */
const columns = { id: classes.id, version: classes.version, updatedAt: classes.updatedAt }
type Row = Omit<StoredClass, 'document'>

const known = remembered<ClassDocument>(60)

/** With the document that belongs to the row's version. */
async function storedClass({ hallId, tx }: InHall, { id, version, updatedAt }: Row): Promise<StoredClass> {
  const document = await known(`${hallId}/${id}/${version}`, async () => {
    const [row] = await tx
      .select({ document: classes.document, format: classes.format })
      .from(classes)
      .where(and(eq(classes.hallId, hallId), eq(classes.id, id), eq(classes.version, version)))
    if (!row) throw notFound('class')
    return readRow(kinds.class, row)
  })
  return { id, version, updatedAt, document }
}

/** What lists show of a class, and from which class and library it was computed. */
export interface ListedClass {
  id: string
  version: number
  name: string
  startsAt: Date
  summary: unknown
  summaryOf: string | null
}

/** Classes that start from `from` (included) to `until`, in order of time, without their documents. */
export async function classesBetween({ hallId, tx }: InHall, from: Date, until: Date): Promise<ListedClass[]> {
  return tx
    .select({
      id: classes.id,
      version: classes.version,
      name: classes.name,
      startsAt: classes.startsAt,
      summary: classes.summary,
      summaryOf: classes.summaryOf,
    })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt), gte(classes.startsAt, from), lt(classes.startsAt, until)))
    .orderBy(asc(classes.startsAt), asc(classes.id))
}

/** When the first class from `from` on starts. */
export async function nextClassFrom({ hallId, tx }: InHall, from: Date): Promise<Date | undefined> {
  const [row] = await tx
    .select({ startsAt: classes.startsAt })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt), gte(classes.startsAt, from)))
    .orderBy(asc(classes.startsAt))
    .limit(1)
  return row?.startsAt
}

/** Documents of classes, as text to be worked on elsewhere. */
export async function classTexts(
  { hallId, tx }: InHall,
  ids: readonly string[],
): Promise<{ id: string; version: number; format: number; text: string }[]> {
  if (ids.length === 0) return []
  return tx
    .select({ id: classes.id, version: classes.version, format: classes.format, text: sql<string>`${classes.document}::text` })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), inArray(classes.id, [...ids])))
}

/** Keeps what lists show of a class, unless the class has changed meanwhile. */
export async function keepSummary(
  { hallId, tx }: InHall,
  id: string,
  version: number,
  summary: string,
  ofThisClass: string,
): Promise<void> {
  await tx
    .update(classes)
    .set({ summary: sql`${summary}::jsonb`, summaryOf: ofThisClass })
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), eq(classes.version, version)))
}

/** No plan is longer than this. */
const longestMilliseconds = limits.totalSeconds * 1000

/** The hall's other classes that may go on at the same time as one. */
export async function classesBeside(hall: InHall, { id, document }: Pick<StoredClass, 'id' | 'document'>): Promise<ListedClass[]> {
  const start = Date.parse(document.startsAt)
  const near = await classesBetween(hall, new Date(start - longestMilliseconds), new Date(start + longestMilliseconds))
  return near.filter((other) => other.id !== id)
}

/** A class that was put away is found only where `putAwayToo` is said: a run of it may still go on. */
export async function findClass(hall: InHall, id: string, putAwayToo = false): Promise<StoredClass> {
  const { hallId, tx } = hall
  const [row] = await tx
    .select(columns)
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), putAwayToo ? undefined : isNull(classes.deletedAt)))
  if (!row) throw notFound('class')
  return storedClass(hall, row)
}

async function requireRoom({ hallId, tx }: InHall, roomId: string): Promise<void> {
  const [room] = await tx
    .select({ id: rooms.id })
    .from(rooms)
    .where(and(eq(rooms.hallId, hallId), eq(rooms.id, roomId)))
  if (!room) throw refuse('invalid', 'unknownRoom', `document.roomId "${roomId}" is not a room of this hall`)
}

/** A new class; `seriesId`, of classes that go on week after week. */
export async function createClass(hall: InHall, document: ClassDocument, seriesId?: string): Promise<StoredClass> {
  await requireRoom(hall, document.roomId)
  await requireSpace(hall, classes)
  const [row] = await hall.tx
    .insert(classes)
    .values({
      hallId: hall.hallId,
      id: nanoid(12),
      name: document.name,
      startsAt: new Date(document.startsAt),
      document,
      format: presentFormat(kinds.class),
      seriesId: seriesId ?? null,
    })
    .returning(columns)
  return { ...row!, document }
}

/** Changes within this time of each other are one revision. */
const revisionMinutes = 1
const mostRevisions = 200

/** Makes the class as it now stands one of its revisions, unless it is one. The database copies it: documents are large. */
const keepAsIs = ({ hallId, tx }: InHall, id: string) =>
  tx.execute(sql`insert into ${classRevisions} (hall_id, class_id, version, document, format, saved_at)
    select hall_id, id, version, document, format, updated_at from ${classes} where hall_id = ${hallId} and id = ${id} on conflict do nothing`)

/** A class that was never changed has no revision yet: how it was at first. */
async function keepFirst(hall: InHall, id: string): Promise<void> {
  const { hallId, tx } = hall
  const [any] = await tx
    .select({ version: classRevisions.version })
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, id)))
    .limit(1)
  if (!any) await keepAsIs(hall, id)
}

/** Keeps the class as it now is in its history; in place of the one before, where that is fresh. */
async function keepRevision(hall: InHall, id: string): Promise<void> {
  const { hallId, tx } = hall
  const ofThisClass = and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, id))
  const [last] = await tx
    .select({
      version: classRevisions.version,
      fresh: sql<boolean>`${classRevisions.savedAt} > now() - ${`${revisionMinutes} minutes`}::interval`,
    })
    .from(classRevisions)
    .where(ofThisClass)
    .orderBy(desc(classRevisions.version))
    .limit(1)
  if (last?.fresh && last.version > 1) await tx.delete(classRevisions).where(and(ofThisClass, eq(classRevisions.version, last.version)))
  await keepAsIs(hall, id)
  const [oldest] = await tx
    .select({ version: classRevisions.version })
    .from(classRevisions)
    .where(ofThisClass)
    .orderBy(desc(classRevisions.version))
    .offset(mostRevisions)
    .limit(1)
  if (oldest) await tx.delete(classRevisions).where(and(ofThisClass, lte(classRevisions.version, oldest.version)))
}

/** When the class was changed, newest first. */
export async function listRevisions(hall: InHall, id: string): Promise<{ version: number; savedAt: Date }[]> {
  await findClass(hall, id)
  return hall.tx
    .select({ version: classRevisions.version, savedAt: classRevisions.savedAt })
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hall.hallId), eq(classRevisions.classId, id)))
    .orderBy(desc(classRevisions.version))
}

export async function findRevision(
  { hallId, tx }: InHall,
  id: string,
  version: number,
): Promise<{ version: number; savedAt: Date; document: ClassDocument }> {
  const columnsOf = {
    version: classRevisions.version,
    savedAt: classRevisions.savedAt,
    document: classRevisions.document,
    format: classRevisions.format,
  }
  const [row] = await tx
    .select(columnsOf)
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, id), eq(classRevisions.version, version)))
  if (!row) throw notFound('earlier version of the class')
  return { version: row.version, savedAt: row.savedAt, document: readRow(kinds.class, row) }
}

/**
 * Stores the document if nobody has changed the class since; else 409 with the class as it is now. The same save a second time
 * changes nothing.
 */
export async function updateClass(hall: InHall, id: string, { version, document, saveId, follows }: ClassSave): Promise<StoredClass> {
  const { hallId, tx } = hall
  await requireRoom(hall, document.roomId)
  const here = and(eq(classes.hallId, hallId), eq(classes.id, id), isNull(classes.deletedAt))
  const [before] = await tx
    .select({ ...columns, saveId: classes.saveId })
    .from(classes)
    .where(here)
    .for('update')
  if (!before) throw notFound('class')
  if (saveId !== undefined && before.saveId === saveId) return storedClass(hall, before)
  const isNext = before.version === version || (follows !== undefined && before.saveId === follows)
  if (!isNext)
    throw refuse('stale', 'changedElsewhere', 'This class was changed in another window.', { current: await storedClass(hall, before) })
  await keepFirst(hall, id)
  const [after] = await tx
    .update(classes)
    .set({
      name: document.name,
      startsAt: new Date(document.startsAt),
      document,
      format: presentFormat(kinds.class),
      saveId: saveId ?? null,
      version: sql`${classes.version} + 1`,
      updatedAt: sql`now()`,
    })
    .where(here)
    .returning(columns)
  await keepRevision(hall, id)
  return { ...after!, document }
}
