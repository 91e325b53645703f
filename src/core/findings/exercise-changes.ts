import { exercisesById } from '../library/by-id'
import type { Exercise } from '../library/exercise'
import { formOf, type Form } from '../library/form'
import { everyCircuit } from '../plan/every-circuit'
import type { Plan, Use } from '../plan/plan'

/** What is done instead of what. */
export interface ExerciseChange {
  from: Form
  to: Form
}

const usesOf = (plan: Plan): Use[] => everyCircuit(plan).flatMap(({ stations }) => stations.flatMap(({ uses }) => uses))

/** Which exercises, or options of one, take the place of which, each change once. */
export function exerciseChanges(before: Plan, after: Plan, exercises: readonly Exercise[]): ExerciseChange[] {
  const byId = exercisesById(exercises)
  const form = ({ exerciseId, optionId }: Use) => {
    const exercise = byId.get(exerciseId)
    return exercise && formOf(exercise, optionId)
  }
  const known = new Map(usesOf(before).map((use) => [use.id, use]))
  const changes = usesOf(after).flatMap((use): ExerciseChange[] => {
    const was = known.get(use.id)
    if (!was || (was.exerciseId === use.exerciseId && was.optionId === use.optionId)) return []
    const [from, to] = [form(was), form(use)]
    return from && to ? [{ from, to }] : []
  })
  return [...new Map(changes.map((change) => [`${change.from.name}/${change.to.name}`, change])).values()]
}
