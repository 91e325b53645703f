import type { Exercise } from '../hall/exercise'
import { alternateRegions } from './alternate'

/** Exercises for a main part: those with somewhere to go from there (a harder option, or a substitute), regions alternating. */
export function mainExercises(exercises: readonly Exercise[]): Exercise[] {
  return alternateRegions(exercises.filter((each) => each.options.some((option) => option.rung !== 'easier')))
}
