import type { Attendance, AttendanceSheet } from '../../core/class/attendance'
import type { InHall } from '../db/in-hall'
import { Refused } from '../refused'
import { findClass, updateClass } from './classes'
import { hallLibrary } from './halls'

export async function attendanceOf(hall: InHall, classId: string): Promise<AttendanceSheet> {
  const { id, version, document } = await findClass(hall, classId)
  const { people } = await hallLibrary(hall)
  const names = [...document.walkIns, ...people].map((person) => ({ id: person.id, name: person.name }))
  return { id, version, name: document.name, startsAt: document.startsAt, people: names, here: document.here }
}

/** Who is here, if nobody has changed the class since; else 409 with the sheet as it is now. Nobody is here whom the hall does not know. */
export async function setAttendance(
  hall: InHall,
  classId: string,
  { version, here }: Attendance,
): Promise<{ version: number; here: string[] }> {
  const { document } = await findClass(hall, classId)
  const known = new Set((await attendanceOf(hall, classId)).people.map(({ id }) => id))
  const present = [...new Set(here)].filter((id) => known.has(id))
  const stored = await updateClass(hall, classId, { version, document: { ...document, here: present } }).catch(async (error: unknown) => {
    // Who may not see the class itself is told no more of it than what they asked about.
    if (error instanceof Refused && error.why === 'stale')
      throw new Refused('stale', error.problems, { current: await attendanceOf(hall, classId) })
    throw error
  })
  return { version: stored.version, here: present }
}
