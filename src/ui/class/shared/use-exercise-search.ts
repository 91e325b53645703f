import type { HallLibrary } from '@core/class/compute'
import { exerciseSearch, type ExerciseSearch } from '@core/search/exercises'
import { useHall } from './context'

const made = new WeakMap<HallLibrary, ExerciseSearch>()

/** Finds exercises of the hall by what is typed of them; made once for its library, when something first searches. */
export function useExerciseSearch(): ExerciseSearch {
  const { library } = useHall()
  const known = made.get(library)
  if (known) return known
  const search = exerciseSearch(library.exercises, new Map(library.gear.map((kind) => [kind.id, kind.name])))
  made.set(library, search)
  return search
}
