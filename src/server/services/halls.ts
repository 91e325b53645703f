import { asc, eq } from 'drizzle-orm'
import type { HallLibrary } from '../../core/class/compute'
import type { Room } from '../../core/hall/room'
import { db } from '../db/client'
import { exercises, gearKinds, halls, people, rooms } from '../db/schema'
import { notFound } from '../http/respond'

export interface Hall {
  id: string
  name: string
  timeZone: string
}

/** The one hall of this installation; sign-in will choose among several. */
export async function currentHall(): Promise<Hall> {
  const [hall] = await db().select().from(halls).orderBy(asc(halls.id)).limit(1)
  if (!hall) throw notFound('hall: the database is empty. Run ./start --fresh')
  return hall
}

const documents = async <Document>(table: typeof people | typeof exercises | typeof gearKinds | typeof rooms, hallId: string) => {
  const rows = await db().select({ document: table.document }).from(table).where(eq(table.hallId, hallId)).orderBy(asc(table.name))
  return rows.map((row) => row.document as Document)
}

export const hallRooms = (hallId: string) => documents<Room>(rooms, hallId)

/** The hall's people, exercises and gear, each in the order of their names. */
export async function hallLibrary(hallId: string): Promise<HallLibrary> {
  const [peopleHere, exercisesHere, gearHere] = await Promise.all([
    documents<HallLibrary['people'][number]>(people, hallId),
    documents<HallLibrary['exercises'][number]>(exercises, hallId),
    documents<HallLibrary['gear'][number]>(gearKinds, hallId),
  ])
  return { people: peopleHere, exercises: exercisesHere, gear: gearHere }
}
