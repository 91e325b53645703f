import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import type { AnyPgColumn } from 'drizzle-orm/pg-core'
import { exercisesUsed } from '../../core/plan/words/file'
import type { DocumentKind } from '../../core/base/stored'
import type { InHall } from '../db/in-hall'
import { classes, exercises, gearKinds, people, plans, rooms } from '../db/schema'
import { presentFormat } from '../../core/base/stored'
import { kinds, readRow, readRows, type Unreadable } from '../db/stored'
import { notFound, refuse } from '../refused'
import { audit } from './audit'
import { requireSpace } from './hall-limits'

/** A document of one of the hall's libraries, with the version that a write must know. */
export interface Stored<Document> {
  version: number
  document: Document
}

type Table = typeof people | typeof exercises | typeof gearKinds | typeof rooms

/** Lists, adds and changes the documents of one library. */
function library<Document extends { id: string; name: string }>(table: Table, kind: DocumentKind<Document>, what = kind.what) {
  const columns = { id: table.id, name: table.name, version: table.version, document: table.document, format: table.format }
  const at = (hallId: string, id: string) => and(eq(table.hallId, hallId), eq(table.id, id))
  return {
    async list({ hallId, tx }: InHall): Promise<{ stored: Stored<Document>[]; unreadable: Unreadable[] }> {
      const rows = await tx.select(columns).from(table).where(eq(table.hallId, hallId)).orderBy(asc(table.name))
      const { readable, unreadable } = readRows(kind, rows)
      return { stored: readable.map(({ row, document }) => ({ version: row.version, document })), unreadable }
    },

    async find({ hallId, tx }: InHall, id: string): Promise<Stored<Document>> {
      const [row] = await tx.select(columns).from(table).where(at(hallId, id))
      if (!row) throw notFound(what)
      return { version: row.version, document: readRow(kind, row) }
    },

    async add(hall: InHall, document: Document): Promise<Stored<Document>> {
      const { hallId, tx } = hall
      await requireSpace(hall, table)
      const values = { hallId, id: document.id, name: document.name, document, format: presentFormat(kind) }
      const [row] = await tx.insert(table).values(values).onConflictDoNothing().returning({ version: table.version })
      if (!row) throw refuse('stale', 'idTaken', `${what}.id "${document.id}" is taken by another ${what} of this hall`)
      return { version: row.version, document }
    },

    /** Stores the document if nobody has changed it since `version`; else 409 with it as it is now. */
    async update(hall: InHall, version: number, document: Document): Promise<Stored<Document>> {
      const [row] = await hall.tx
        .update(table)
        .set({ name: document.name, document, format: presentFormat(kind), version: sql`${table.version} + 1`, updatedAt: sql`now()` })
        .where(and(at(hall.hallId, document.id), eq(table.version, version)))
        .returning({ version: table.version })
      if (row) return { version: row.version, document }
      const current = await this.find(hall, document.id)
      throw refuse('stale', 'changedElsewhere', `This ${what} was changed in another window.`, { current })
    },

    async remove({ hallId, tx }: InHall, id: string): Promise<void> {
      const [row] = await tx.delete(table).where(at(hallId, id)).returning({ id: table.id })
      if (!row) throw notFound(what)
    },
  }
}

export const exerciseLibrary = library(exercises, kinds.exercise)
const allPeople = library(people, kinds.person)

/** The hall's people: who adds or changes one is noted. */
export const roster: typeof allPeople = {
  ...allPeople,
  async add(hall, person) {
    const added = await allPeople.add(hall, person)
    await audit(hall, 'personAdded', { personId: person.id })
    return added
  },
  async update(hall, version, person) {
    const changed = await allPeople.update(hall, version, person)
    await audit(hall, 'personChanged', { personId: person.id })
    return changed
  },
}
export const gearInventory = library(gearKinds, kinds.gear, 'kind')
export const roomList = library(rooms, kinds.room)

/** Every class of the hall that is not put away. */
const present = (hallId: string) => and(eq(classes.hallId, hallId), isNull(classes.deletedAt))

/** Plans and classes that are not put away, with those of the exercises that each uses; of the others nothing is read. */
async function usersOf({ hallId, tx }: InHall, exerciseIds: readonly string[]): Promise<{ name: string; uses: string[] }[]> {
  if (exerciseIds.length === 0) return []
  const patterns = sql.param(exerciseIds.map((id) => `%"${id}"%`))
  const named = (document: AnyPgColumn) => sql`${document}::text like any(${patterns}::text[])`
  const inPlans = readRows(
    kinds.plan,
    await tx
      .select()
      .from(plans)
      .where(and(eq(plans.hallId, hallId), isNull(plans.deletedAt), named(plans.document))),
  ).readable.map(({ row, document }) => ({ name: row.name, plan: document }))
  const inClasses = readRows(
    kinds.class,
    await tx
      .select()
      .from(classes)
      .where(and(present(hallId), named(classes.document))),
  ).readable.map(({ row, document }) => ({ name: row.name, plan: document.plan }))
  const wanted = new Set(exerciseIds)
  return [...inPlans, ...inClasses]
    .map(({ name, plan }) => ({ name, uses: exercisesUsed(plan).filter((id) => wanted.has(id)) }))
    .filter(({ uses }) => uses.length > 0)
}

/** Refuses with their names if a plan or a class uses the exercise. */
export async function requireUnused(hall: InHall, exerciseId: string): Promise<void> {
  refuseUsed((await usersOf(hall, [exerciseId])).map(({ name }) => name))
}

/**
 * Refuses with their names if exercises need the kind, or an option of one does, that a plan or a class uses. Others keep saying
 * that they need it: it may come back.
 */
export async function requireKindUnused(hall: InHall, kindId: string): Promise<void> {
  const { stored } = await exerciseLibrary.list(hall)
  const needing = new Map(
    stored
      .filter(({ document }) =>
        [document.gear, ...document.options.map((option) => option.gear ?? [])].flat().some((need) => need.kindId === kindId),
      )
      .map(({ document }) => [document.id, document.name]),
  )
  refuseUsed((await usersOf(hall, [...needing.keys()])).flatMap(({ name, uses }) => uses.map((id) => `${needing.get(id)!} (in ${name})`)))
}

/** Refuses with their names if a class is held in the room, or gear is kept there. */
export async function requireRoomUnused(hall: InHall, roomId: string): Promise<void> {
  const held = await hall.tx
    .select({ name: classes.name })
    .from(classes)
    .where(and(present(hall.hallId), sql`${classes.document}->>'roomId' = ${roomId}`))
  const { stored } = await gearInventory.list(hall)
  const kept = stored.filter(({ document }) => document.roomId === roomId).map(({ document }) => document.name)
  refuseUsed([...held.map(({ name }) => name), ...kept])
}

function refuseUsed(names: readonly string[]): void {
  const users = [...new Set(names)]
  if (users.length > 0)
    throw refuse(
      'stale',
      'inUse',
      `Still used by ${users.slice(0, 4).join(', ')}${users.length > 4 ? ` and ${users.length - 4} more` : ''}. Take it out there first.`,
    )
}
