import type { Exercise } from '../hall/exercise'
import { alternateRegions } from './alternate'

const hard = new Set(['jumps', 'floor', 'overhead'])

/**
 * Exercises to warm up with: standing, without gear, two-sided, nothing that jumps, goes to the floor or overhead. What raises
 * the pulse comes first, then regions alternate. At most `count`, always in the same order.
 */
export function warmUpExercises(exercises: readonly Exercise[], count: number): Exercise[] {
  const easy = exercises.filter((each) => each.stance === 'standing' && each.gear.length === 0 && !each.oneSided && !each.asks.some((strain) => hard.has(strain)))
  easy.sort((a, b) => Number(b.regions.includes('cardio')) - Number(a.regions.includes('cardio')))
  return alternateRegions(easy).slice(0, count)
}
