import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import type { Exercise } from '../../core/hall/exercise'
import { exercisesUsed } from '../../core/plan/file'
import { db } from '../db/client'
import { classes, exercises, plans } from '../db/schema'
import { notFound, refuse } from '../http/respond'

export interface StoredExercise {
  version: number
  document: Exercise
}

const columns = { version: exercises.version, document: exercises.document }
const at = (hallId: string, id: string) => and(eq(exercises.hallId, hallId), eq(exercises.id, id))

export const listExercises = (hallId: string): Promise<StoredExercise[]> => db().select(columns).from(exercises).where(eq(exercises.hallId, hallId)).orderBy(asc(exercises.name))

export async function addExercise(hallId: string, exercise: Exercise): Promise<StoredExercise> {
  const [row] = await db().insert(exercises).values({ hallId, id: exercise.id, name: exercise.name, document: exercise }).onConflictDoNothing().returning(columns)
  if (!row) throw refuse(409, 'idTaken', `exercise.id "${exercise.id}" is taken by another exercise of this hall`)
  return row
}

/** Stores the exercise if nobody has changed it since `version`; else 409 with it as it is now. */
export async function updateExercise(hallId: string, version: number, exercise: Exercise): Promise<StoredExercise> {
  const [row] = await db()
    .update(exercises)
    .set({ name: exercise.name, document: exercise, version: sql`${exercises.version} + 1`, updatedAt: sql`now()` })
    .where(and(at(hallId, exercise.id), eq(exercises.version, version)))
    .returning(columns)
  if (row) return row
  const [current] = await db().select(columns).from(exercises).where(at(hallId, exercise.id))
  if (!current) throw notFound('exercise')
  throw refuse(409, 'changedElsewhere', 'This exercise was changed in another window.', { current })
}

/** Erases the exercise, unless a plan or a class uses it: then 409 with their names. */
export async function removeExercise(hallId: string, id: string): Promise<void> {
  const [inPlans, inClasses] = await Promise.all([
    db().select({ name: plans.name, plan: plans.document }).from(plans).where(eq(plans.hallId, hallId)),
    db().select({ name: classes.name, document: classes.document }).from(classes).where(and(eq(classes.hallId, hallId), isNull(classes.deletedAt))),
  ])
  const all = [...inPlans, ...inClasses.map(({ name, document }) => ({ name, plan: document.plan }))]
  const users = [...new Set(all.filter(({ plan }) => exercisesUsed(plan).includes(id)).map(({ name }) => name))]
  if (users.length > 0) throw refuse(409, 'inUse', `Still used by ${users.slice(0, 4).join(', ')}${users.length > 4 ? ` and ${users.length - 4} more` : ''}. Take it out there first.`)
  const [row] = await db().delete(exercises).where(at(hallId, id)).returning({ id: exercises.id })
  if (!row) throw notFound('exercise')
}
