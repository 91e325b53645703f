import { exercisesById } from '../library/by-id'
import type { HallLibrary } from '../class/compute'
import { strainNames, type Exercise, type Strain } from '../library/exercise'
import type { Person } from '../library/person'
import type { Room } from '../library/room'
import type { Circuit } from '../plan/plan'
import { chance } from '../base/random'
import { isMain } from './main-part'

export interface FillWish {
  library: Pick<HallLibrary, 'exercises' | 'gear'>
  people: readonly Person[]
  /** How many are at a station at once. */
  groupSize: number
  room: Room | undefined
  /** Another number shuffles what is equally good. */
  seed: number
  /** Exercises that are not to be offered again. */
  avoid?: ReadonlySet<string>
}

export interface Suggestion {
  stationId: string
  exercise: Exercise
  /** Why this one, in words. */
  reasons: string[]
}

interface Neighbours {
  before: Exercise | undefined
  after: Exercise | undefined
}

/** What is good (above 0) or bad about an exercise at a station, each with its reason where it is worth telling. */
type Judgement = { score: number; reason?: string | undefined } | 'impossible'

/**
 * An exercise for each empty station: regions and grip not twice running, gear that the hall has enough of, what most of those who
 * come can do, the room's height, and no exercise twice. Greedy in the order of the stations; the same seed gives the same answer.
 * A station for which nothing is possible is left out.
 */
export function fillStations(circuit: Circuit, wish: FillWish): Suggestion[] {
  const byId = exercisesById(wish.library.exercises)
  const chosen = circuit.stations.map((station) => byId.get(station.uses[0]?.exerciseId ?? ''))
  const used = new Set(circuit.stations.flatMap((station) => station.uses.map((use) => use.exerciseId)))
  const count = circuit.stations.length
  const suggestions: Suggestion[] = []
  circuit.stations.forEach((station, index) => {
    if (station.uses.length > 0 || station.rest) return
    const neighbours = { before: chosen[(index + count - 1) % count], after: chosen[(index + 1) % count] }
    let best: { exercise: Exercise; score: number; reasons: string[] } | undefined
    for (const exercise of wish.library.exercises) {
      if (!isMain(exercise) || used.has(exercise.id) || wish.avoid?.has(exercise.id)) continue
      const judged = judgementsOf(exercise, neighbours, chosen, wish)
      if (judged.includes('impossible')) continue
      const possible = judged as Exclude<Judgement, 'impossible'>[]
      const score = possible.reduce((sum, known) => sum + known.score, chance(wish.seed, exercise.id))
      if (!best || score > best.score)
        best = { exercise, score, reasons: possible.flatMap((known) => (known.reason ? [known.reason] : [])) }
    }
    if (!best) return
    chosen[index] = best.exercise
    used.add(best.exercise.id)
    suggestions.push({ stationId: station.id, exercise: best.exercise, reasons: best.reasons })
  })
  return suggestions
}

function judgementsOf(exercise: Exercise, neighbours: Neighbours, chosen: readonly (Exercise | undefined)[], wish: FillWish): Judgement[] {
  return [
    alternation(exercise, neighbours),
    gripTwice(exercise, neighbours),
    balance(exercise, chosen),
    gearThere(exercise, wish),
    suits(exercise, wish),
    height(exercise, wish),
  ]
}

function alternation(exercise: Exercise, { before, after }: Neighbours): Judgement {
  const region = exercise.regions[0]
  if (region === before?.regions[0] || region === after?.regions[0]) return { score: -6 }
  return { score: 0, reason: before ? `${region} after ${before.regions[0]}` : `${region} to begin with` }
}

const asksGrip = (exercise: Exercise | undefined) => exercise?.asks.includes('grip') ?? false

const gripTwice = (exercise: Exercise, { before, after }: Neighbours): Judgement => ({
  score: asksGrip(exercise) && (asksGrip(before) || asksGrip(after)) ? -2 : 0,
})

/** Regions and patterns that are there already count less. */
function balance(exercise: Exercise, chosen: readonly (Exercise | undefined)[]): Judgement {
  const same = (trait: (known: Exercise) => string) => chosen.filter((known) => known && trait(known) === trait(exercise)).length
  return {
    score:
      -1.2 * same((known) => known.regions[0]!) -
      0.8 * same((known) => known.pattern) -
      (exercise.impact === 'high' ? chosen.filter((known) => known?.impact === 'high').length * 2 : 0),
  }
}

/** Enough of every kind for one group; sizes are looked at by the gear count. */
function gearThere(exercise: Exercise, { library, groupSize }: FillWish): Judgement {
  for (const need of exercise.gear) {
    const kind = library.gear.find((known) => known.id === need.kindId)
    const owned = kind?.sizes.reduce((sum, size) => sum + size.owned, 0) ?? 0
    if (owned < need.count * (need.per === 'person' ? Math.max(1, groupSize) : 1)) return 'impossible'
  }
  return exercise.gear.length === 0 ? { score: 0, reason: 'no gear' } : { score: 0.3, reason: 'gear is there' }
}

/** Those whom it spares, and those for whom an option does. */
function suits(exercise: Exercise, { people }: FillWish): Judgement {
  if (people.length === 0) return { score: 0 }
  const strained = people.filter((person) => person.goEasy.some((strain) => exercise.asks.includes(strain)))
  const spared = (person: Person) => exercise.options.some((option) => !option.asks.some((strain) => person.goEasy.includes(strain)))
  if (!strained.every(spared)) return { score: -8 }
  const newcomers = people.filter((person) => person.level === 'newcomer').length / people.length
  const hard = (['jumps', 'floor', 'balance'] satisfies Strain[]).filter((strain) => exercise.asks.includes(strain)).length
  const reason =
    strained.length > 0
      ? `has an option for ${strained
          .map((person) => person.name)
          .slice(0, 3)
          .join(', ')}`
      : undefined
  return { score: (-8 * strained.length) / people.length - 3 * newcomers * hard, reason }
}

const height = (exercise: Exercise, { room }: FillWish): Judgement =>
  room && exercise.clearMetres !== undefined && room.ceilingMetres < exercise.clearMetres ? 'impossible' : { score: 0 }

/** What a suggested exercise asks of the body, in words. */
export const asksInWords = (exercise: Exercise): string => exercise.asks.map((strain) => strainNames[strain]).join(', ')
