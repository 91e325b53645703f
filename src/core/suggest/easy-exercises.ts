import { Region, type Exercise } from '../library/exercise'
import { alternateRegions } from './alternate'

const hard = new Set(['jumps', 'floor', 'overhead'])

/** How early a region comes in `wanted`; what is not wanted comes last. */
const rank = (exercise: Exercise, wanted: readonly Region[]) => {
  const ranks = exercise.regions.map((region) => wanted.indexOf(region)).filter((at) => at >= 0)
  return ranks.length > 0 ? Math.min(...ranks) : wanted.length
}

/**
 * Exercises to warm up with: standing, without gear, two-sided, easy, nothing that jumps, goes to the floor or overhead. What
 * raises the pulse comes first, then what moves the regions that the main part loads (`wanted`, most loaded first). At most
 * `count`, always in the same order.
 */
export function warmUpExercises(exercises: readonly Exercise[], count: number, wanted: readonly Region[] = Region.options): Exercise[] {
  const easy = exercises.filter(
    (exercise) =>
      exercise.stance === 'standing' &&
      exercise.gear.length === 0 &&
      !exercise.oneSided &&
      exercise.met.high <= 5 &&
      exercise.impact !== 'high' &&
      !exercise.asks.some((strain) => hard.has(strain)) &&
      exercise.options.length > 0,
  )
  const pulse = easy.filter((known) => known.regions.includes('cardio'))
  const mobile = easy
    .filter((known) => !known.regions.includes('cardio') && known.met.low >= 2 && known.met.high <= 3.5)
    .sort((a, b) => rank(a, wanted) - rank(b, wanted))
  const half = Math.ceil(count / 2)
  return [...pulse.slice(0, half), ...alternateRegions(mobile)].slice(0, count)
}

/** Stretches for the regions that the class loads (`wanted`, most loaded first); those done standing before those on the floor. */
export function coolDownExercises(exercises: readonly Exercise[], count: number, wanted: readonly Region[] = Region.options): Exercise[] {
  const stretches = exercises.filter((exercise) => exercise.pattern === 'stretch' && exercise.met.high <= 2.5)
  const chosen = stretches.sort((a, b) => rank(a, wanted) - rank(b, wanted))
  const perRegion = new Map<Region, number>()
  // The most loaded region gets a stretch more than the others, not all of them.
  const spread = chosen.filter((known) => {
    const region = known.regions[0]!
    const have = perRegion.get(region) ?? 0
    perRegion.set(region, have + 1)
    return have < Math.ceil(count / 2)
  })
  return spread.slice(0, count).sort((a, b) => Number(a.stance !== 'standing') - Number(b.stance !== 'standing'))
}
