import type { Exercise } from '../hall/exercise'

/**
 * Exercises to warm up with: standing, without gear, two-sided, nothing that jumps, goes to the floor or overhead; never
 * the same first region twice running where the choice allows it. At most `count`, in a fixed order.
 */
export function warmUpExercises(exercises: readonly Exercise[], count: number): Exercise[] {
  const hard = new Set(['jumps', 'floor', 'overhead'])
  const left = exercises.filter((each) => each.stance === 'standing' && each.gear.length === 0 && !each.oneSided && !each.asks.some((strain) => hard.has(strain)))
  // Something that raises the pulse comes first.
  left.sort((a, b) => Number(b.regions.includes('cardio')) - Number(a.regions.includes('cardio')))
  const chosen: Exercise[] = []
  while (chosen.length < count && left.length > 0) {
    const last = chosen.at(-1)?.regions[0]
    const next = left.findIndex((each) => each.regions[0] !== last)
    chosen.push(...left.splice(Math.max(0, next), 1))
  }
  return chosen
}
