import { memoize } from 'es-toolkit'
import type { HallLibrary } from '@core/class/compute'
import { exerciseSearch, type ExerciseSearch } from '@core/search/exercises'
import { useHall } from './context'

const made = new WeakMap<HallLibrary, ExerciseSearch>()

/** Finds exercises of the hall by what is typed of them; made once for its library, when something first searches. */
export function useExerciseSearch(): ExerciseSearch {
  const { library } = useHall()
  const known = made.get(library)
  if (known) return known
  // A list that is drawn asks more than once for what was typed once.
  const search = memoize(exerciseSearch(library.exercises, new Map(library.gear.map((kind) => [kind.id, kind.name]))))
  made.set(library, search)
  return search
}
