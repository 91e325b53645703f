import { createHash } from 'node:crypto'
import { asc, eq, sql } from 'drizzle-orm'
import type { HallLibrary, PacesKnown } from '../../core/class/compute'
import { commonSettings, type HallSettings } from '../../core/library/hall-settings'
import { namedIn } from '../../core/library/gear-kind'
import type { Room } from '../../core/library/room'
import type { InHall } from '../db/in-hall'
import { exercises, gearKinds, halls, people, rooms } from '../db/schema'
import { kinds, readRow, readRows, remembered } from '../db/stored'
import { notFound, refuse } from '../refused'
import type { DocumentKind } from '../../core/base/stored'

export interface Hall {
  id: string
  name: string
  timeZone: string
  /** `demo`, `empty` until somebody begins it, or somebody's `own`. */
  stage: 'demo' | 'empty' | 'own'
  figures: HallSettings
  version: number
  /** Tells one state of people, exercises, gear, rooms and figures from another. */
  libraryKey: string
}

/** The hall that the work is bound to. */
export async function ownHall({ hallId, tx }: InHall): Promise<Hall> {
  const [hall] = await tx.select().from(halls).where(eq(halls.id, hallId))
  if (!hall) throw notFound('hall')
  const { id, name, timeZone, stage, version, libraryVersion } = hall
  const figures = hall.figures === null ? commonSettings : readRow(kinds.figures, { document: hall.figures, format: 1 })
  return { id, name, timeZone, stage, version, figures, libraryKey: `${id}/${version}/${libraryVersion}` }
}

type Table = typeof people | typeof exercises | typeof gearKinds | typeof rooms

async function documents<Document>({ hallId, tx }: InHall, table: Table, kind: DocumentKind<Document>): Promise<Document[]> {
  const rows = await tx
    .select({ id: table.id, name: table.name, document: table.document, format: table.format })
    .from(table)
    .where(eq(table.hallId, hallId))
    .orderBy(asc(table.name))
  return readRows(kind, rows).readable.map(({ document }) => document)
}

export const hallRooms = (hall: InHall): Promise<Room[]> => documents(hall, rooms, kinds.room)

/** What a class is computed against; as text too, for those who work it out on another thread. */
export interface KnownLibrary {
  key: string
  library: HallLibrary
  text: string
}

const known = remembered<KnownLibrary>(4)

/** Stands for a library's key in an address. */
export const libraryMark = (key: string): string => createHash('sha256').update(key).digest('base64url').slice(0, 20)

/** The hall's people, exercises and gear, each in the order of their names, and its figures. What cannot be read is left out. */
export async function knownLibrary(hall: InHall): Promise<KnownLibrary> {
  const { figures, libraryKey: key } = await ownHall(hall)
  return known(key, async () => {
    const peopleHere = await documents(hall, people, kinds.person)
    const exercisesHere = await documents(hall, exercises, kinds.exercise)
    const gearHere = await documents(hall, gearKinds, kinds.gear)
    const library: HallLibrary = {
      people: peopleHere,
      exercises: exercisesHere,
      gear: namedIn(gearHere, figures.weightUnit ?? 'kg'),
      figures,
    }
    return { key, library, text: JSON.stringify(library) }
  })
}

export const hallLibrary = async (hall: InHall): Promise<HallLibrary> => (await knownLibrary(hall)).library

/** What of the hall its paces are made of: only exercises that have one of their own. */
export async function pacesKnown(hall: InHall): Promise<PacesKnown> {
  const { exercises: all, figures } = (await knownLibrary(hall)).library
  return { exercises: all.flatMap(({ id, pace }) => (pace ? [{ id, pace }] : [])), ...(figures && { figures }) }
}

/** Stores the hall's figures if nobody has changed the hall since `version`; else 409 with them as they are now. */
export async function updateFigures(
  hall: InHall,
  version: number,
  figures: HallSettings,
): Promise<{ version: number; figures: HallSettings }> {
  const [row] = await hall.tx
    .update(halls)
    .set({ figures, version: sql`${halls.version} + 1` })
    .where(sql`${halls.id} = ${hall.hallId} and ${halls.version} = ${version}`)
    .returning({ version: halls.version })
  if (row) return { version: row.version, figures }
  const current = await ownHall(hall)
  throw refuse('stale', 'changedElsewhere', 'The figures were changed in another window.', {
    current: { version: current.version, figures: current.figures },
  })
}
