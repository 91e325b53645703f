import { inTheHall } from '../db/in-hall'
import { Refused } from '../refused'
import { runJob } from '../jobs/pool'
import { findClass } from '../services/classes'
import { hallRooms, knownLibrary } from '../services/halls'
import { ensureLinks } from '../services/links'
import { findRun, openRun, type RunRow } from '../services/runs'

/** The class as a run of it would begin now, as text. Refused with the problems, if it cannot. */
export async function snapshotNow(classId: string): Promise<string> {
  const { document, room, known } = await inTheHall(async (hall) => {
    const { document } = await findClass(hall, classId)
    const rooms = await hallRooms(hall)
    return { document, room: rooms.find(({ id }) => id === document.roomId), known: await knownLibrary(hall) }
  })
  return runJob('snapshot', JSON.stringify({ document, room }), known)
}

/**
 * Opens the room of a class: its run that is under way, or a new one. What the run begins with is worked out before its
 * transaction begins.
 */
export async function openRoom(classId: string): Promise<RunRow> {
  const snapshot = await snapshotNow(classId).catch((error: unknown) => {
    // A run that is under way goes on, whatever became of its class.
    if (error instanceof Refused && error.why === 'invalid') return error
    throw error
  })
  return inTheHall(async (hall) => {
    const run = await openRun(hall, classId, snapshot)
    await ensureLinks(hall, await findRun(hall, run.id))
    return run
  })
}
