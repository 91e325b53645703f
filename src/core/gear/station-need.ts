import { exercisesById } from '../library/by-id'
import type { Exercise } from '../library/exercise'
import type { GearKind } from '../library/gear-kind'
import type { Circuit, Plan, Station, Stay, Use } from '../plan/plan'
import { turnsOf, turnsPerLap, wavesOf } from '../plan/turns'
import { circuitAtLap, piecesAtRepeat } from '../plan/vary'
import { elsewhere, type Rotation } from '../rotation/rotation'
import { isAtOwnPace } from '../plan/own-pace'
import { commonPaces, itemSeconds, type Paces } from '../pace/pace'
import { timeShares } from '../pace/shares'
import { noChoices, usesTaken, worksInLap, type Choices } from './choices'
import { add, groupNeed, personNeeds, raise, raiseStanding, type Borrower, type PersonNeed, type SizeCounts } from './need'

export interface GearInput {
  plan: Plan
  exercises: readonly Exercise[]
  kinds: readonly GearKind[]
  /** People of each group. */
  groups: readonly (readonly Borrower[])[]
  /** Who takes which of the alternatives; absent, everyone takes the exercise itself. */
  choices?: Choices
  /** How long the items of self-paced lists take; absent, the common paces. */
  paces?: Paces | undefined
  /**
   * The rotation of each rotating circuit, by its id, with the people of the units that move. Where it is missing, nobody is at
   * its stations.
   */
  rotations: ReadonlyMap<string, { rotation: Rotation; units: GearInput['groups'] }>
}

/** One turn of the class: a stay of a circuit. */
export interface GearTurn {
  pieceId: string
  repeat: number
  lap: number
  turn: number
}

export interface Counter extends Omit<GearInput, 'exercises' | 'kinds' | 'choices'> {
  choices: Choices
  exercises: ReadonlyMap<string, Exercise>
  kinds: Map<string, GearKind>
  unknownExercises: Set<string>
  unknownKinds: Set<string>
  /** Needs found already, by station and groups: laps repeat them. A station that varies is another object. */
  found: Map<Station, Map<string, SizeCounts>>
  /** What each person needs for each use, found already; of nobody in particular, what everyone does. */
  needs: Map<Use, Map<Borrower | undefined, readonly PersonNeed[]>>
  /** A number for each person, to tell who is there. */
  numbers: Map<GearInput['groups'][number][number], number>
}

export const counterOf = (input: GearInput): Counter => ({
  ...input,
  choices: input.choices ?? noChoices,
  exercises: exercisesById(input.exercises),
  kinds: new Map(input.kinds.map((kind) => [kind.id, kind])),
  unknownExercises: new Set(),
  unknownKinds: new Set(),
  found: new Map(),
  needs: new Map(),
  numbers: new Map(input.groups.flat().map((person, index) => [person, index])),
})

/** Every turn of a plan in order: its circuit as it stands there, with what varies by repeat and lap. */
export function* turnsToCount(plan: Plan): Generator<GearTurn & { piece: Circuit; circuit: Circuit }> {
  for (const part of plan.parts) {
    for (let repeat = 0; repeat < part.repeat; repeat++) {
      for (const piece of piecesAtRepeat(part, repeat)) {
        if (piece.type === 'pause') continue
        for (let turn = 0; turn < turnsOf(piece) * wavesOf(piece); turn++) {
          const lap = Math.floor((turn % turnsOf(piece)) / turnsPerLap(piece))
          yield { pieceId: piece.id, repeat, lap, turn, piece, circuit: circuitAtLap(piece, lap) }
        }
      }
    }
  }
}

export function atStations(
  counter: Counter,
  circuit: Circuit,
  turn: number,
  turnInLap: number,
  lap: number,
  take: (station: number, need: SizeCounts, groups: GearInput['groups']) => void,
): void {
  if (circuit.travel === 'together') {
    const station = circuit.stations[turnInLap]!
    if (!station.skipLaps.includes(lap)) take(turnInLap, stationNeed(counter, circuit, station, counter.groups, lap), counter.groups)
    return
  }
  const found = counter.rotations.get(circuit.id)
  circuit.stations.forEach((station, index) => {
    const here = found?.rotation.turns[turn]?.[index] ?? []
    let groups: GearInput['groups'] = here.map((unit) => found!.units[unit]!)
    // Where partners change, those who meet at a station are its group.
    if (found?.rotation.mixes) groups = [groups.flatMap((unit) => unit)]
    take(index, stationNeed(counter, circuit, station, groups, lap), groups)
  })
}

/** Who waits in a turn while the other wave is at the stations, as the groups in which they do their list. */
export function waitingGroups(counter: Counter, circuit: Circuit, turn: number): GearInput['groups'] {
  const found = counter.rotations.get(circuit.id)
  const waiting = found?.units.filter((_, unit) => found.rotation.paths[unit]?.[turn] === elsewhere) ?? []
  return found?.rotation.mixes && waiting.length > 0 ? [waiting.flat()] : waiting
}

/** What the wave that waits needs for its list: all of it stays laid out while the others are at the stations. */
export function listNeed(counter: Counter, circuit: Circuit, list: Circuit, turn: number): SizeCounts {
  const groups = waitingGroups(counter, circuit, turn)
  const most: SizeCounts = new Map()
  for (const station of list.stations) raiseTo(most, stationNeed(counter, list, station, groups, 0))
  return most
}

export function stationNeed(counter: Counter, circuit: Circuit, station: Station, groups: GearInput['groups'], lap: number): SizeCounts {
  let found = counter.found.get(station)
  if (!found) counter.found.set(station, (found = new Map()))
  // Only where somebody rests through the later laps does it matter which lap it is.
  const byLap = station.uses.some((use) => Object.values(use.dose ?? {}).some((dose) => dose?.laps !== undefined))
  let key = byLap ? `${lap}` : ''
  for (const group of groups) {
    key += ';'
    for (const person of group) key += `,${counter.numbers.get(person)}`
  }
  let need = found.get(key)
  if (!need) found.set(key, (need = mostOfPositions(counter, circuit, station, groups, lap)))
  return need
}

/** What stands at a station, and what people hold there. */
interface AtUse {
  stands: SizeCounts
  held: SizeCounts
}

/**
 * What the station needs at once, size by size, for the groups that are there: the most of any position where the clock moves them
 * on. In a list at their own pace people are spread over its items, and what several items want is wanted together: eight people,
 * five rows of 90 s in a round of 690 s → 5.2 rowers, so 6.
 */
function mostOfPositions(counter: Counter, circuit: Circuit, station: Station, groups: GearInput['groups'], lap: number): SizeCounts {
  const stay = station.stay ?? circuit.stay
  const at = station.uses.map((use) => atUse(counter, circuit, use, groups, lap))
  const [only, ...more] = isAtOwnPace(stay) ? spreadOver(at, stay, station.uses, counter.paces) : at
  const most = only ? bothOf(only) : new Map<string, number>()
  for (const other of more) raiseTo(most, bothOf(other))
  return most
}

/** Those before the rounds are at its openers; then all of it stands there still, and each item has its share of them. */
function spreadOver(at: readonly AtUse[], stay: Stay, uses: Station['uses'], paces: Paces | undefined): AtUse[] {
  const shares = peopleShares(stay, uses, paces)
  const openers = stay.kind === 'task' ? stay.openerCount : 0
  const stands: SizeCounts = new Map()
  const [opener, rest]: [SizeCounts, SizeCounts] = [new Map(), new Map()]
  at.forEach((one, position) => {
    raiseTo(stands, one.stands)
    for (const [key, amount] of one.held) add(position < openers ? opener : rest, key, amount * shares[position]!)
  })
  return [
    { stands: new Map(stands), held: opener },
    { stands, held: rest },
  ]
}

/** What a use wants if all of these groups are at it. */
function atUse(counter: Counter, { pairs }: Circuit, use: Use, groups: GearInput['groups'], lap: number): AtUse {
  const stands: SizeCounts = new Map()
  let held: SizeCounts | undefined
  // What stands there does so whoever comes.
  raiseStanding(stands, needsOf(counter, use, undefined))
  for (const group of groups) {
    const working = use.dose ? group.filter((person) => worksInLap(use, person, lap)) : group
    for (const { use: taken, people } of usesTaken(use, working, counter.choices)) {
      const needs = people.map((person) => needsOf(counter, taken, person))
      for (const one of needs) raiseStanding(stands, one)
      const wanted = groupNeed(needs, pairs)
      if (held) for (const [key, amount] of wanted) add(held, key, amount)
      else held = wanted
    }
  }
  return { stands, held: held ?? new Map<string, number>() }
}

/** What somebody needs for a use, or nobody in particular: worked out once, as laps repeat it. */
function needsOf(counter: Counter, use: Use, person: Borrower | undefined): readonly PersonNeed[] {
  let byPerson = counter.needs.get(use)
  if (!byPerson) counter.needs.set(use, (byPerson = new Map()))
  let needs = byPerson.get(person)
  if (!needs) {
    const exercise = exerciseFor(counter, use)
    needs = exercise ? personNeeds(person, use, exercise, counter.kinds, (kindId) => counter.unknownKinds.add(kindId)) : []
    byPerson.set(person, needs)
  }
  return needs
}

function exerciseFor({ exercises, unknownExercises }: Counter, { exerciseId }: Use): Exercise | undefined {
  const exercise = exercises.get(exerciseId)
  if (!exercise) unknownExercises.add(exerciseId)
  return exercise
}

/** What stands there and what people hold, in whole pieces. */
function bothOf({ stands, held }: AtUse): SizeCounts {
  // Less than nothing is left of a whole piece after the sum.
  for (const [key, amount] of held) add(stands, key, Math.ceil(amount - 1e-9))
  return stands
}

/**
 * The share of people who are at each use at once: all of them where the clock moves them on; in a list at their own pace, well
 * spread, as long as the item takes of a round (Little's law); where an item has no figure yet, all of them may be at it.
 */
export function peopleShares(stay: Stay, uses: Station['uses'], paces: Paces = commonPaces): number[] {
  if (stay.kind !== 'task' || !isAtOwnPace(stay)) return uses.map(() => 1)
  const shares = [uses.slice(0, stay.openerCount), uses.slice(stay.openerCount)].flatMap((part) => timeShares(part, paces))
  return uses.map((use, index) => (itemSeconds(use, paces).typical > 0 ? shares[index]! : 1))
}

/** Raises each size of `most` to what `need` wants of it. */
export function raiseTo(most: SizeCounts, need: SizeCounts): void {
  for (const [key, amount] of need) raise(most, key, amount)
}
