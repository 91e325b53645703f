import { and, asc, desc, eq, gte, isNull, lt, lte, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { computeClass, type HallLibrary } from '../../core/class/compute'
import { asOther, type OtherClass } from '../../core/gear/overlap'
import type { ClassDocument } from '../../core/hall/class-document'
import { limits } from '../../core/plan/limits'
import { db, type Transaction } from '../db/client'
import { classes, classRevisions, rooms } from '../db/schema'
import { notFound, refuse } from '../http/respond'

export interface StoredClass {
  id: string
  version: number
  document: ClassDocument
  updatedAt: Date
}

const columns = { id: classes.id, version: classes.version, document: classes.document, updatedAt: classes.updatedAt }

/** Classes that start from `from` (included) to `until`, in order of time. */
export async function classesBetween(hallId: string, from: Date, until: Date): Promise<StoredClass[]> {
  return db()
    .select(columns)
    .from(classes)
    .where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt), gte(classes.startsAt, from), lt(classes.startsAt, until)))
    .orderBy(asc(classes.startsAt), asc(classes.id))
}

/** No plan is longer than this. */
const longestMilliseconds = limits.totalSeconds * 1000

/** The hall's other classes that may go on at the same time as one, as it has to know them. */
export async function classesBeside(hallId: string, { id, document }: Pick<StoredClass, 'id' | 'document'>, library: HallLibrary): Promise<OtherClass[]> {
  const start = Date.parse(document.startsAt)
  const near = await classesBetween(hallId, new Date(start - longestMilliseconds), new Date(start + longestMilliseconds))
  return near.filter((other) => other.id !== id).map((other) => asOther(other.id, other.document, computeClass(other.document, library)))
}

/** A class that was put away is found only where `putAwayToo` is said: a run of it may still go on. */
export async function findClass(hallId: string, id: string, putAwayToo = false): Promise<StoredClass> {
  const [row] = await db()
    .select(columns)
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), putAwayToo ? undefined : isNull(classes.deletedAt)))
  if (!row) throw notFound('class')
  return row
}

async function requireRoom(hallId: string, roomId: string): Promise<void> {
  const [room] = await db().select({ id: rooms.id }).from(rooms).where(and(eq(rooms.hallId, hallId), eq(rooms.id, roomId)))
  if (!room) throw refuse(422, 'unknownRoom', `document.roomId "${roomId}" is not a room of this hall`)
}

export async function createClass(hallId: string, document: ClassDocument): Promise<StoredClass> {
  await requireRoom(hallId, document.roomId)
  const [row] = await db()
    .insert(classes)
    .values({ hallId, id: nanoid(12), name: document.name, startsAt: new Date(document.startsAt), document })
    .returning(columns)
  return row!
}

/** Changes within this time of each other are one revision. */
const revisionMinutes = 1
const mostRevisions = 200

/** Keeps the class as it now is in its history, and how it was at first. Runs in the transaction that changes it. */
async function keepRevision(tx: Transaction, before: StoredClass, after: StoredClass, hallId: string): Promise<void> {
  const of = eq(classRevisions.classId, after.id)
  const [last] = await tx
    .select({ version: classRevisions.version, fresh: sql<boolean>`${classRevisions.savedAt} > now() - ${`${revisionMinutes} minutes`}::interval` })
    .from(classRevisions)
    .where(of)
    .orderBy(desc(classRevisions.version))
    .limit(1)
  const row = (stored: StoredClass, savedAt: Date) => ({ hallId, classId: stored.id, version: stored.version, document: stored.document, savedAt })
  if (!last) await tx.insert(classRevisions).values(row(before, before.updatedAt))
  else if (last.fresh && last.version > 1) await tx.delete(classRevisions).where(and(of, eq(classRevisions.version, last.version)))
  await tx.insert(classRevisions).values(row(after, after.updatedAt))
  const [oldest] = await tx.select({ version: classRevisions.version }).from(classRevisions).where(of).orderBy(desc(classRevisions.version)).offset(mostRevisions).limit(1)
  if (oldest) await tx.delete(classRevisions).where(and(of, lte(classRevisions.version, oldest.version)))
}

/** When the class was changed, newest first. */
export async function listRevisions(hallId: string, id: string): Promise<{ version: number; savedAt: Date }[]> {
  await findClass(hallId, id)
  return db()
    .select({ version: classRevisions.version, savedAt: classRevisions.savedAt })
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, id)))
    .orderBy(desc(classRevisions.version))
}

export async function findRevision(hallId: string, id: string, version: number): Promise<{ version: number; savedAt: Date; document: ClassDocument }> {
  const columnsOf = { version: classRevisions.version, savedAt: classRevisions.savedAt, document: classRevisions.document }
  const [row] = await db()
    .select(columnsOf)
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, id), eq(classRevisions.version, version)))
  if (!row) throw notFound('earlier version of the class')
  return row
}

/** Stores `document` if nobody has changed the class since `version`; else 409 with the class as it is now. */
export async function updateClass(hallId: string, id: string, version: number, document: ClassDocument): Promise<StoredClass> {
  await requireRoom(hallId, document.roomId)
  const row = await db().transaction(async (tx) => {
    const here = and(eq(classes.hallId, hallId), eq(classes.id, id), eq(classes.version, version), isNull(classes.deletedAt))
    const [before] = await tx.select(columns).from(classes).where(here).for('update')
    if (!before) return undefined
    const [after] = await tx
      .update(classes)
      .set({ name: document.name, startsAt: new Date(document.startsAt), document, version: sql`${classes.version} + 1`, updatedAt: sql`now()` })
      .where(here)
      .returning(columns)
    await keepRevision(tx, before, after!, hallId)
    return after
  })
  if (row) return row
  const current = await findClass(hallId, id)
  throw refuse(409, 'changedElsewhere', 'This class was changed in another window.', { current })
}

/** Puts the class away, or back (`deleted` false). Nothing is erased. */
export async function setClassDeleted(hallId: string, id: string, deleted: boolean): Promise<void> {
  const [row] = await db()
    .update(classes)
    .set({ deletedAt: deleted ? sql`now()` : null, version: sql`${classes.version} + 1` })
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id)))
    .returning({ id: classes.id })
  if (!row) throw notFound('class')
}
