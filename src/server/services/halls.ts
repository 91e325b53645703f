import { and, asc, eq, sql } from 'drizzle-orm'
import type { HallLibrary } from '../../core/class/compute'
import { commonFigures, type HallFigures } from '../../core/hall/figures'
import { namedIn } from '../../core/hall/gear-kind'
import type { Room } from '../../core/hall/room'
import { db } from '../db/client'
import { exercises, gearKinds, halls, people, rooms } from '../db/schema'
import { notFound, refuse } from '../http/respond'

export interface Hall {
  id: string
  name: string
  timeZone: string
  figures: HallFigures
  version: number
}

/** The one hall of this installation; sign-in will choose among several. */
export async function currentHall(): Promise<Hall> {
  const [hall] = await db().select().from(halls).orderBy(asc(halls.id)).limit(1)
  if (!hall) throw notFound('hall: the database is empty. Run ./start --fresh')
  return { ...hall, figures: hall.figures ?? commonFigures }
}

const documents = async <Document>(table: typeof people | typeof exercises | typeof gearKinds | typeof rooms, hallId: string) => {
  const rows = await db().select({ document: table.document }).from(table).where(eq(table.hallId, hallId)).orderBy(asc(table.name))
  return rows.map((row) => row.document as Document)
}

export const hallRooms = (hallId: string) => documents<Room>(rooms, hallId)

/** The hall's people, exercises and gear, each in the order of their names, and its figures. */
export async function hallLibrary(hallId: string): Promise<HallLibrary> {
  const [peopleHere, exercisesHere, gearHere, [hall]] = await Promise.all([
    documents<HallLibrary['people'][number]>(people, hallId),
    documents<HallLibrary['exercises'][number]>(exercises, hallId),
    documents<HallLibrary['gear'][number]>(gearKinds, hallId),
    db().select({ figures: halls.figures }).from(halls).where(eq(halls.id, hallId)),
  ])
  const figures = hall?.figures ?? commonFigures
  return { people: peopleHere, exercises: exercisesHere, gear: namedIn(gearHere, figures.weightUnit ?? 'kg'), figures }
}

/** Stores the hall's figures if nobody has changed the hall since `version`; else 409 with them as they are now. */
export async function updateFigures(hallId: string, version: number, figures: HallFigures): Promise<{ version: number; figures: HallFigures }> {
  const [row] = await db()
    .update(halls)
    .set({ figures, version: sql`${halls.version} + 1` })
    .where(and(eq(halls.id, hallId), eq(halls.version, version)))
    .returning({ version: halls.version })
  if (row) return { version: row.version, figures }
  const current = await currentHall()
  throw refuse(409, 'changedElsewhere', 'The figures were changed in another window.', { current: { version: current.version, figures: current.figures } })
}
