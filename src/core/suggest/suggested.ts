import type { ComputedClass, HallLibrary } from '../class/compute'
import type { Exercise, Region } from '../library/exercise'
import { loadOf, regionsByLoad } from '../load/load'
import type { Plan } from '../plan/plan'
import type { Suggested } from '../plan/edit/pieces'
import { coolDownExercises, warmUpExercises } from './easy-exercises'

/** Four exercises to warm up and four to stretch with, for the regions named, most loaded first. */
export function suggestedFrom(exercises: readonly Exercise[], wanted?: readonly Region[]): Suggested {
  const starters = (chosen: readonly Exercise[]) => chosen.map(({ id, oneSided }) => ({ id, oneSided }))
  return { warmUp: starters(warmUpExercises(exercises, 4, wanted)), coolDown: starters(coolDownExercises(exercises, 4, wanted)) }
}

/** The regions that the plan works, most loaded first; nothing while it has no timeline. */
export const wantedBy = (
  plan: Plan,
  { timeline, paces }: Pick<ComputedClass, 'timeline' | 'paces'>,
  library: HallLibrary,
): Region[] | undefined => (timeline.ok ? regionsByLoad(loadOf(plan, timeline.value, library, paces)) : undefined)

/** The same, fitted to what the plan loads. */
export const suggestedFor = (plan: Plan, computed: Pick<ComputedClass, 'timeline' | 'paces'>, library: HallLibrary): Suggested =>
  suggestedFrom(library.exercises, wantedBy(plan, computed, library))
