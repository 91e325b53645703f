import { and, asc, eq, gt, isNull, notExists, or, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { againIn, duplicateOf, plannedLike } from '../../core/class/again'
import type { InHall } from '../db/in-hall'
import { classes, runs } from '../db/schema'
import { notFound, refuse } from '../refused'
import { createClass, findClass, updateClass } from './classes'
import { ownHall } from './halls'

/** No series goes on for longer than a year. */
export const mostWeeks = 53

/**
 * The class again, with its people: `weeks` 0 a second time at the same time, else in each of so many weeks from the next on, then
 * as a series. Answers with the ids of the new classes, in order.
 */
export async function classAgain(hall: InHall, id: string, weeks: number): Promise<string[]> {
  const { document } = await findClass(hall, id)
  if (weeks === 0) return [(await createClass(hall, duplicateOf(document))).id]
  const { timeZone } = await ownHall(hall)
  const made: string[] = []
  const seriesId = weeks > 1 ? await seriesOf(hall, id) : undefined
  for (let week = 1; week <= weeks; week++) made.push((await createClass(hall, againIn(document, week, timeZone), seriesId)).id)
  return made
}

/** The series that a class is of, or begins. */
async function seriesOf({ hallId, tx }: InHall, id: string): Promise<string> {
  const here = and(eq(classes.hallId, hallId), eq(classes.id, id))
  const [row] = await tx
    .update(classes)
    .set({ seriesId: sql`coalesce(${classes.seriesId}, ${nanoid(12)})` })
    .where(here)
    .returning({ seriesId: classes.seriesId })
  if (!row?.seriesId) throw notFound('class')
  return row.seriesId
}

/** Ids of the classes of its series that come after one, and of which nobody has opened the room. */
export async function laterOfSeries({ hallId, tx }: InHall, id: string): Promise<string[]> {
  const [one] = await tx
    .select({ seriesId: classes.seriesId, startsAt: classes.startsAt })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), eq(classes.id, id), isNull(classes.deletedAt)))
  if (!one) throw notFound('class')
  if (one.seriesId === null) return []
  const rows = await tx
    .select({ id: classes.id })
    .from(classes)
    .where(
      and(
        eq(classes.hallId, hallId),
        eq(classes.seriesId, one.seriesId),
        isNull(classes.deletedAt),
        or(gt(classes.startsAt, one.startsAt), and(eq(classes.startsAt, one.startsAt), gt(classes.id, id))),
        notExists(
          tx
            .select({ one: sql`1` })
            .from(runs)
            .where(and(eq(runs.hallId, classes.hallId), eq(runs.classId, classes.id))),
        ),
      ),
    )
    .orderBy(asc(classes.startsAt), asc(classes.id))
  return rows.map((row) => row.id)
}

/** Plans the later classes of the series like this one; each keeps its day and its people, and its history. */
export async function planLater(hall: InHall, id: string, version: number): Promise<number> {
  const { document, version: now } = await findClass(hall, id)
  if (now !== version) throw refuse('stale', 'changedElsewhere', 'This class was changed in another window: look at it again first.')
  const later = await laterOfSeries(hall, id)
  for (const otherId of later) {
    const other = await findClass(hall, otherId)
    await updateClass(hall, otherId, { version: other.version, document: plannedLike(other.document, document) })
  }
  return later.length
}
