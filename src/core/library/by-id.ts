import type { Exercise } from './exercise'

const known = new WeakMap<readonly Exercise[], ReadonlyMap<string, Exercise>>()

/** The exercises by id; made once for a list, as a list of a hall is asked for many of them. */
export function exercisesById(exercises: readonly Exercise[]): ReadonlyMap<string, Exercise> {
  let byId = known.get(exercises)
  if (!byId) known.set(exercises, (byId = new Map(exercises.map((exercise) => [exercise.id, exercise]))))
  return byId
}
