import type { Exercise } from '../library/exercise'
import { alternateRegions } from './alternate'

/** Whether an exercise is one to train with, rather than to warm up or stretch. */
export const isMain = (exercise: Exercise): boolean => exercise.pattern !== 'stretch' && exercise.met.high > 3.6

/** Exercises for a main part, regions alternating. */
export const mainExercises = (exercises: readonly Exercise[]): Exercise[] => alternateRegions(exercises.filter(isMain))
