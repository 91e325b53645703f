import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import { exercisesUsed, planFile, type PlanFile } from '../../core/plan/words/file'
import type { Plan } from '../../core/plan/plan'
import type { InHall } from '../db/in-hall'
import { exercises, plans } from '../db/schema'
import { presentFormat } from '../../core/base/stored'
import { kinds, readRow, readRows, type Unreadable } from '../db/stored'
import { notFound, refuse } from '../refused'
import { requireSpace } from './hall-limits'

export async function listPlans({ hallId, tx }: InHall): Promise<{ plans: Plan[]; unreadable: Unreadable[] }> {
  const rows = await tx
    .select()
    .from(plans)
    .where(and(eq(plans.hallId, hallId), isNull(plans.deletedAt)))
    .orderBy(asc(plans.name), asc(plans.id))
  const { readable, unreadable } = readRows(kinds.plan, rows)
  return { plans: readable.map(({ document }) => document), unreadable }
}

export async function findPlan({ hallId, tx }: InHall, id: string): Promise<Plan> {
  const [row] = await tx
    .select()
    .from(plans)
    .where(and(eq(plans.hallId, hallId), eq(plans.id, id)))
  if (!row) throw notFound('plan')
  return readRow(kinds.plan, row)
}

/** The plan with the exercises it uses, as a file. */
export async function exportPlan({ hallId, tx }: InHall, plan: Plan): Promise<PlanFile> {
  const used = exercisesUsed(plan)
  if (used.length === 0) return planFile(plan, [])
  const rows = await tx
    .select()
    .from(exercises)
    .where(and(eq(exercises.hallId, hallId), inArray(exercises.id, used)))
  return planFile(
    plan,
    readRows(kinds.exercise, rows).readable.map(({ document }) => document),
  )
}

/** Stores a plan as a new one, such as a class's, or a copy of another. */
export async function createPlan(hall: InHall, given: Plan): Promise<Plan> {
  const { hallId, tx } = hall
  await requireSpace(hall, plans)
  const plan: Plan = { ...given, id: nanoid(12) }
  await tx.insert(plans).values({ hallId, id: plan.id, name: plan.name, document: plan, format: presentFormat(kinds.plan) })
  return plan
}

/** Another name for a plan, if it is still called as the one who asks knows it. */
export async function renamePlan(hall: InHall, id: string, { name, before }: { name: string; before: string }): Promise<Plan> {
  const { hallId, tx } = hall
  const plan = { ...(await findPlan(hall, id)), name }
  const [row] = await tx
    .update(plans)
    .set({ name, document: plan, format: presentFormat(kinds.plan), version: sql`${plans.version} + 1`, updatedAt: sql`now()` })
    .where(and(eq(plans.hallId, hallId), eq(plans.id, id), eq(plans.name, before), isNull(plans.deletedAt)))
    .returning({ id: plans.id })
  if (!row) throw refuse('stale', 'changedElsewhere', 'This plan was renamed in another window.')
  return plan
}

export interface Imported {
  plan: Plan
  exercisesAdded: string[]
  /** Exercises that neither the file nor the hall describes. */
  exercisesMissing: string[]
}

/** Stores the file's plan as a new one. Exercises that the hall has stay as they are; the others are added. */
export async function importPlan(hall: InHall, file: PlanFile): Promise<Imported> {
  const { hallId, tx } = hall
  await requireSpace(hall, plans)
  if (file.exercises.length > 0) await requireSpace(hall, exercises)
  const plan: Plan = { ...file.plan, id: nanoid(12) }
  await tx.insert(plans).values({ hallId, id: plan.id, name: plan.name, document: plan, format: presentFormat(kinds.plan) })
  const used = exercisesUsed(plan)
  const wanted = file.exercises.filter((exercise) => used.includes(exercise.id))
  const added = wanted.length
    ? await tx
        .insert(exercises)
        .values(wanted.map((exercise) => ({ hallId, id: exercise.id, name: exercise.name, document: exercise })))
        .onConflictDoNothing()
        .returning({ id: exercises.id })
    : []
  const known = used.length
    ? await tx
        .select({ id: exercises.id })
        .from(exercises)
        .where(and(eq(exercises.hallId, hallId), inArray(exercises.id, used)))
    : []
  const ids = new Set(known.map((row) => row.id))
  return { plan, exercisesAdded: added.map((row) => row.id), exercisesMissing: used.filter((id) => !ids.has(id)) }
}
