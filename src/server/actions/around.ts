import type { OtherClass } from '../../core/class/overlap'
import type { Room } from '../../core/library/room'
import { inTheHall } from '../db/in-hall'
import { findClass, type StoredClass } from '../services/classes'
import { hallRooms, knownLibrary, libraryMark } from '../services/halls'
import { othersBeside } from './others-beside'

/** What stands round a class that is being edited, and may be changed elsewhere meanwhile. */
export interface Around {
  libraryKey: string
  rooms: Room[]
  others: OtherClass[]
}

export async function around(classId: string, known?: StoredClass): Promise<Around> {
  const { stored, libraryKey, rooms } = await inTheHall(async (hall) => ({
    stored: known ?? (await findClass(hall, classId)),
    libraryKey: libraryMark((await knownLibrary(hall)).key),
    rooms: await hallRooms(hall),
  }))
  return { libraryKey, rooms, others: await othersBeside(stored) }
}
