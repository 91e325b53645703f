import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import type { ClassDocument } from '../../core/hall/class-document'
import type { Exercise } from '../../core/hall/exercise'
import type { GearKind } from '../../core/hall/gear-kind'
import type { Room } from '../../core/hall/room'
import type { Person } from '../../core/hall/person'
import { exercisesUsed } from '../../core/plan/file'
import { db } from '../db/client'
import { classes, exercises, gearKinds, people, plans, rooms } from '../db/schema'
import { notFound, refuse } from '../http/respond'

/** A document of one of the hall's libraries, with the version that a write must know. */
export interface Stored<Document> {
  version: number
  document: Document
}

type Table = typeof people | typeof exercises | typeof gearKinds | typeof rooms

/** Lists, adds and changes the documents of one library. `what` names one of them in answers. */
function library<Document extends { id: string; name: string }>(table: Table, what: string) {
  const columns = { version: table.version, document: table.document }
  const at = (hallId: string, id: string) => and(eq(table.hallId, hallId), eq(table.id, id))
  const stored = (row: { version: number; document: unknown } | undefined) => row as Stored<Document> | undefined
  return {
    async list(hallId: string): Promise<Stored<Document>[]> {
      return (await db().select(columns).from(table).where(eq(table.hallId, hallId)).orderBy(asc(table.name))) as unknown as Stored<Document>[]
    },

    async find(hallId: string, id: string): Promise<Stored<Document>> {
      const [row] = await db().select(columns).from(table).where(at(hallId, id))
      if (!row) throw notFound(what)
      return stored(row)!
    },

    async add(hallId: string, document: Document): Promise<Stored<Document>> {
      const values = { hallId, id: document.id, name: document.name, document: document as never }
      const [row] = await db().insert(table).values(values).onConflictDoNothing().returning(columns)
      if (!row) throw refuse(409, 'idTaken', `${what}.id "${document.id}" is taken by another ${what} of this hall`)
      return stored(row)!
    },

    /** Stores the document if nobody has changed it since `version`; else 409 with it as it is now. */
    async update(hallId: string, version: number, document: Document): Promise<Stored<Document>> {
      const [row] = await db()
        .update(table)
        .set({ name: document.name, document: document as never, version: sql`${table.version} + 1`, updatedAt: sql`now()` })
        .where(and(at(hallId, document.id), eq(table.version, version)))
        .returning(columns)
      if (row) return stored(row)!
      const current = await this.find(hallId, document.id)
      throw refuse(409, 'changedElsewhere', `This ${what} was changed in another window.`, { current })
    },

    async remove(hallId: string, id: string): Promise<void> {
      const [row] = await db().delete(table).where(at(hallId, id)).returning({ id: table.id })
      if (!row) throw notFound(what)
    },
  }
}

export const exerciseLibrary = library<Exercise>(exercises, 'exercise')
export const roster = library<Person>(people, 'person')
export const gearInventory = library<GearKind>(gearKinds, 'kind')
export const roomList = library<Room>(rooms, 'room')

/** Refuses with their names if a plan or a class uses the exercise. */
export async function requireUnused(hallId: string, exerciseId: string): Promise<void> {
  const [inPlans, inClasses] = await Promise.all([
    db().select({ name: plans.name, plan: plans.document }).from(plans).where(eq(plans.hallId, hallId)),
    db().select({ name: classes.name, document: classes.document }).from(classes).where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt))),
  ])
  const all = [...inPlans, ...inClasses.map(({ name, document }: { name: string; document: ClassDocument }) => ({ name, plan: document.plan }))]
  refuseUsed(all.filter(({ plan }) => exercisesUsed(plan).includes(exerciseId)).map(({ name }) => name))
}

/** Refuses with their names if an exercise or an option of one needs the kind. */
export async function requireKindUnused(hallId: string, kindId: string): Promise<void> {
  const all = await exerciseLibrary.list(hallId)
  refuseUsed(all.filter(({ document }) => [document.gear, ...document.options.map((option) => option.gear ?? [])].flat().some((need) => need.kindId === kindId)).map(({ document }) => document.name))
}

/** Refuses with their names if a class is held in the room, or gear is kept there. */
export async function requireRoomUnused(hallId: string, roomId: string): Promise<void> {
  const [inClasses, kinds] = await Promise.all([
    db().select({ name: classes.name, document: classes.document }).from(classes).where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt))),
    gearInventory.list(hallId),
  ])
  const held = inClasses.filter(({ document }) => document.roomId === roomId).map(({ name }) => name)
  const kept = kinds.filter(({ document }) => document.roomId === roomId).map(({ document }) => document.name)
  refuseUsed([...held, ...kept])
}

function refuseUsed(names: readonly string[]): void {
  const users = [...new Set(names)]
  if (users.length > 0) throw refuse(409, 'inUse', `Still used by ${users.slice(0, 4).join(', ')}${users.length > 4 ? ` and ${users.length - 4} more` : ''}. Take it out there first.`)
}
