import { Region, type Exercise } from '../library/exercise'
import { rolesOf } from '../plan/roles'
import type { Circuit, Plan } from '../plan/plan'
import { chance } from '../base/random'
import { coolDownExercises, warmUpExercises } from './easy-exercises'
import type { Suggestion } from './fill'

/** What a circuit is for: to warm up before the main part, to cool down after it, or the main part itself. */
export type Purpose = 'warmUp' | 'main' | 'coolDown'

export function purposeOf(plan: Plan, circuit: Circuit): Purpose {
  const role = rolesOf(plan).get(circuit.id) ?? 'main'
  return role === 'finisher' ? 'main' : role
}

/** Why an exercise serves its purpose in a class that loads `wanted`, most loaded region first. */
export function easyReasons(exercise: Exercise, purpose: Exclude<Purpose, 'main'>, wanted: readonly Region[]): string[] {
  const where = exercise.stance === 'standing' ? 'standing' : `${exercise.stance}, so it comes last`
  if (purpose === 'warmUp' && exercise.regions.includes('cardio'))
    return ['raises the pulse', ...(exercise.impact === 'high' ? [] : ['no jump'])]
  const regions = exercise.regions.filter((region) => region !== 'cardio').sort((a, b) => wanted.indexOf(a) - wanted.indexOf(b))
  const region = regions[0]
  if (!region) return [where]
  const rank = ['most', 'second most', 'third most'][wanted.indexOf(region)]
  return [
    `${purpose === 'warmUp' ? 'moves' : 'stretches'} the ${region} body`.replace('core body', 'core') +
      (rank ? `, which the class loads ${rank}` : ''),
    where,
  ]
}

interface EasyWish {
  exercises: readonly Exercise[]
  /** Regions that the main part loads, most loaded first. */
  wanted?: readonly Region[] | undefined
  /** Another number shuffles what is equally good. */
  seed: number
}

/** An exercise for each empty station of a warm-up or a cool-down, none twice. A station for which nothing is left is left out. */
export function fillEasy(
  circuit: Circuit,
  purpose: Exclude<Purpose, 'main'>,
  { exercises, wanted = Region.options, seed }: EasyWish,
): Suggestion[] {
  const used = new Set(circuit.stations.flatMap((station) => station.uses.map((use) => use.exerciseId)))
  const empty = circuit.stations.filter((station) => station.uses.length === 0 && !station.rest)
  const shuffled = exercises.filter((exercise) => !used.has(exercise.id))
  if (seed > 1) shuffled.sort((a, b) => chance(seed, a.id) - chance(seed, b.id))
  const chosen = (purpose === 'warmUp' ? warmUpExercises : coolDownExercises)(shuffled, empty.length, wanted)
  return chosen.map((exercise, index) => ({ stationId: empty[index]!.id, exercise, reasons: easyReasons(exercise, purpose, wanted) }))
}
