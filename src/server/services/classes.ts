import { and, asc, eq, gte, isNull, lt, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { ClassDocument } from '../../core/hall/class-document'
import { db } from '../db/client'
import { classes, rooms } from '../db/schema'
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

export async function findClass(hallId: string, id: string): Promise<StoredClass> {
  const [row] = await db()
    .select(columns)
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), isNull(classes.deletedAt)))
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

/** Stores `document` if nobody has changed the class since `version`; else 409 with the class as it is now. */
export async function updateClass(hallId: string, id: string, version: number, document: ClassDocument): Promise<StoredClass> {
  await requireRoom(hallId, document.roomId)
  const [row] = await db()
    .update(classes)
    .set({ name: document.name, startsAt: new Date(document.startsAt), document, version: sql`${classes.version} + 1`, updatedAt: sql`now()` })
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), eq(classes.version, version), isNull(classes.deletedAt)))
    .returning(columns)
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
