import type { Stay, Use } from '../plan'
import type { NewId } from './make'

/** An exercise to begin with. */
export interface Starter {
  id: string
  oneSided: boolean
}

/** What is known of the exercise named; of one that the hall does not have, no sides. */
export const starterOf = (exercises: readonly Starter[], id: string): Starter =>
  exercises.find((known) => known.id === id) ?? { id, oneSided: false }

/** A timed interval of an exercise with sides changes at its half; in a list, people change when their reps are done. */
const sidesOf = ({ oneSided }: Pick<Starter, 'oneSided'>, stay: Pick<Stay, 'kind'>): Use['sides'] =>
  oneSided && stay.kind === 'intervals' ? 'half' : 'none'

/** An exercise as it is first put somewhere. */
export const newUse = (exercise: Starter, stay: Pick<Stay, 'kind'>, newId: NewId): Use => ({
  id: newId(),
  exerciseId: exercise.id,
  sides: sidesOf(exercise, stay),
})

/**
 * Another exercise in the place of one: figures that are the place's stay (reps, doses, time, effort, tempo, a note), and what was the old
 * exercise's goes (its option, sides, load, machine, inner cycle, alternatives).
 */
export function withExercise({ id, reps, dose, seconds, effort, tempo, note }: Use, exercise: Starter, stay: Pick<Stay, 'kind'>): Use {
  const counted = reps?.counted === 'eachSide' && !exercise.oneSided ? 'total' : reps?.counted
  return {
    id,
    exerciseId: exercise.id,
    sides: sidesOf(exercise, stay),
    ...(reps && counted && { reps: { ...reps, counted } }),
    ...(dose && { dose }),
    ...(seconds !== undefined && { seconds }),
    ...(effort !== undefined && { effort }),
    ...(tempo && { tempo }),
    ...(note !== undefined && { note }),
  }
}
