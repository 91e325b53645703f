import type { Exercise } from '@core/library/exercise'

export interface StoredExercise {
  version: number
  document: Exercise
}
