import { exercisesById } from '../library/by-id'
import type { Exercise } from '../library/exercise'
import type { GearForm, GearKind } from '../library/gear-kind'
import type { Circuit, Plan, Station, Stay } from '../plan/plan'
import { turnsOf, turnsPerLap, wavesOf } from '../plan/turns'
import { circuitAtLap, piecesAtRepeat } from '../plan/vary'
import { elsewhere, type Rotation } from '../rotation/rotation'
import { commonPaces, itemSeconds, type Paces } from '../pace/pace'
import { add, needOf, raise, sizeKey, standingNeedOf, type Borrower, type SizeCounts } from './need'

export interface GearLine {
  kindId: string
  sizeId: string
  kindName: string
  form: GearForm
  sizeLabel: string
  /** The most wanted at once, and the turn (index into `turns`) in which that is first so. */
  most: number
  mostInTurn: number
  owned: number
  short: number
  /** Wanted in each turn of the class. */
  byTurn: number[]
  /** Numbers (from 1) of the stations that use it, for each circuit in which people rotate. */
  stations: number[]
}

/** One turn of the class: a stay of a circuit. */
export interface GearTurn {
  pieceId: string
  repeat: number
  lap: number
  turn: number
}

export interface GearCount {
  turns: GearTurn[]
  lines: GearLine[]
  /** For each rotating circuit and station: the most of each size that must stand there. */
  byStation: { pieceId: string; station: number; most: { kindId: string; sizeId: string; count: number }[] }[]
  /** Exercises and kinds of gear that the plan names and the hall does not have: not counted. */
  unknownExercises: string[]
  unknownKinds: string[]
}

export const nothingCounted: GearCount = { turns: [], lines: [], byStation: [], unknownExercises: [], unknownKinds: [] }

export interface GearInput {
  plan: Plan
  exercises: readonly Exercise[]
  kinds: readonly GearKind[]
  /** People of each group. */
  groups: readonly (readonly Borrower[])[]
  /** How long the items of self-paced lists take; absent, the common paces. */
  paces?: Paces | undefined
  /**
   * The rotation of each rotating circuit, by its id, with the people of the units that move. Where it is missing, nobody is at
   * its stations.
   */
  rotations: ReadonlyMap<string, { rotation: Rotation; units: GearInput['groups'] }>
}

interface Counter extends Omit<GearInput, 'exercises' | 'kinds'> {
  exercises: ReadonlyMap<string, Exercise>
  kinds: Map<string, GearKind>
  unknownExercises: Set<string>
  unknownKinds: Set<string>
  /** Needs found already, by station and groups: laps repeat them. A station that varies is another object. */
  found: Map<Station, Map<string, SizeCounts>>
  /** A number for each person, to tell who is there. */
  numbers: Map<GearInput['groups'][number][number], number>
}

/**
 * Counts gear person by person, turn by turn, over the whole class. Within a turn all positions of a stay are laid out at once, so
 * the most of any position counts. Two circuits on the same spots are counted apart.
 */
export function countGear(input: GearInput): GearCount {
  const counter: Counter = {
    ...input,
    exercises: exercisesById(input.exercises),
    kinds: new Map(input.kinds.map((kind) => [kind.id, kind])),
    unknownExercises: new Set(),
    unknownKinds: new Set(),
    found: new Map(),
    numbers: new Map(input.groups.flat().map((person, index) => [person, index])),
  }
  const turns: GearTurn[] = []
  const demands: SizeCounts[] = []
  const stations = new Map<string, Set<number>>()
  const standing = new Map<string, Map<number, SizeCounts>>()
  for (const { piece, circuit, ...turn } of turnsToCount(input.plan)) {
    const demand: SizeCounts = new Map()
    atStations(counter, circuit, turn.turn, turn.turn % turnsPerLap(piece), turn.lap, (station, need) => {
      for (const [key, amount] of need) {
        add(demand, key, amount)
        if (circuit.travel !== 'rotate') continue
        if (!stations.has(key)) stations.set(key, new Set())
        stations.get(key)!.add(station + 1)
      }
      if (circuit.travel === 'rotate') raiseStanding(standing, circuit.id, station, need)
    })
    if (piece.waves) for (const [key, amount] of listNeed(counter, piece, piece.waves.meanwhile, turn.turn)) add(demand, key, amount)
    turns.push(turn)
    demands.push(demand)
  }
  return {
    turns,
    lines: linesOf(input.kinds, demands, stations),
    byStation: [...standing].flatMap(([pieceId, counts]) =>
      [...counts].sort(([a], [b]) => a - b).map(([station, count]) => ({ pieceId, station, most: listOf(count) })),
    ),
    unknownExercises: [...counter.unknownExercises],
    unknownKinds: [...counter.unknownKinds],
  }
}

/** Every turn of a plan in order: its circuit as it stands there, with what varies by repeat and lap. */
function* turnsToCount(plan: Plan): Generator<GearTurn & { piece: Circuit; circuit: Circuit }> {
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

function atStations(
  counter: Counter,
  circuit: Circuit,
  turn: number,
  turnInLap: number,
  lap: number,
  take: (station: number, need: SizeCounts) => void,
): void {
  if (circuit.travel === 'together') {
    const station = circuit.stations[turnInLap]!
    if (!station.skipLaps.includes(lap)) take(turnInLap, stationNeed(counter, circuit, station, counter.groups))
    return
  }
  const found = counter.rotations.get(circuit.id)
  circuit.stations.forEach((station, index) => {
    const units = (found?.rotation.turns[turn]?.[index] ?? []).map((unit) => found!.units[unit]!)
    // Where partners change, those who meet at a station are its group.
    take(index, stationNeed(counter, circuit, station, found?.rotation.mixes ? [units.flat()] : units))
  })
}

/** What the wave that waits needs for its list: all of it stays laid out while the others are at the stations. */
function listNeed(counter: Counter, circuit: Circuit, list: Circuit, turn: number): SizeCounts {
  const found = counter.rotations.get(circuit.id)
  const waiting = found?.units.filter((_, unit) => found.rotation.paths[unit]?.[turn] === elsewhere) ?? []
  const groups = found?.rotation.mixes && waiting.length > 0 ? [waiting.flat()] : waiting
  const most: SizeCounts = new Map()
  for (const station of list.stations) raiseTo(most, stationNeed(counter, list, station, groups))
  return most
}

function stationNeed(counter: Counter, circuit: Circuit, station: Station, groups: GearInput['groups']): SizeCounts {
  let found = counter.found.get(station)
  if (!found) counter.found.set(station, (found = new Map()))
  const key = groups.map((group) => group.map((person) => counter.numbers.get(person)).join()).join(';')
  let need = found.get(key)
  if (!need) found.set(key, (need = mostOfPositions(counter, circuit, station, groups)))
  return need
}

/**
 * What the station needs at once, size by size, for the groups that are there: the most of any position where the clock moves them
 * on. In a list at their own pace people are spread over its items, and what several items want is wanted together: eight people,
 * five rows of 90 s in a round of 690 s → 5.2 rowers, so 6.
 */
function mostOfPositions(counter: Counter, circuit: Circuit, station: Station, groups: GearInput['groups']): SizeCounts {
  const most: SizeCounts = new Map()
  const stay = station.stay ?? circuit.stay
  const unknown = (kindId: string) => counter.unknownKinds.add(kindId)
  const shares = peopleShares(stay, station.uses, counter.paces)
  const standing: SizeCounts = new Map()
  const spread: [opener: SizeCounts, rest: SizeCounts] = [new Map(), new Map()]
  station.uses.forEach((use, position) => {
    const exercise = counter.exercises.get(use.exerciseId)
    if (!exercise) {
      counter.unknownExercises.add(use.exerciseId)
      return
    }
    const held: SizeCounts = stay.kind === 'task' ? spread[position < stay.openerCount ? 0 : 1] : new Map()
    for (const group of groups)
      for (const [key, amount] of needOf(group, use, exercise, circuit.pairs, counter.kinds, unknown))
        add(held, key, amount * shares[position]!)
    const stands = standingNeedOf(groups.flat(), use, exercise, counter.kinds, unknown)
    if (stay.kind === 'task') raiseTo(standing, stands)
    else raiseTo(most, bothOf(stands, held))
  })
  if (stay.kind === 'task') for (const held of spread) raiseTo(most, bothOf(standing, held))
  return most
}

/** What stands there and what people hold, in whole pieces. */
function bothOf(stands: SizeCounts, held: SizeCounts): SizeCounts {
  const both: SizeCounts = new Map(stands)
  // Less than nothing is left of a whole piece after the sum.
  for (const [key, amount] of held) add(both, key, Math.ceil(amount - 1e-9))
  return both
}

/**
 * The share of people who are at each use at once: all of them where the clock moves them on; in a list at their own pace, well
 * spread, as long as the item takes of a round (Little's law); where an item has no figure yet, all of them may be at it.
 */
function peopleShares(stay: Stay, uses: Station['uses'], paces: Paces = commonPaces): number[] {
  if (stay.kind !== 'task') return uses.map(() => 1)
  const seconds = uses.map((use) => itemSeconds(use, paces).typical)
  const sum = (from: number, to: number) => seconds.slice(from, to).reduce((all, value) => all + value, 0)
  const [opener, rest] = [sum(0, stay.openerCount), sum(stay.openerCount, uses.length)]
  return seconds.map((own, index) => (own > 0 ? own / Math.max(own, index < stay.openerCount ? opener : rest) : 1))
}

/** Raises each size of `most` to what `need` wants of it. */
function raiseTo(most: SizeCounts, need: SizeCounts): void {
  for (const [key, amount] of need) raise(most, key, amount)
}

function raiseStanding(standing: Map<string, Map<number, SizeCounts>>, pieceId: string, station: number, need: SizeCounts): void {
  if (!standing.has(pieceId)) standing.set(pieceId, new Map())
  const byStation = standing.get(pieceId)!
  if (!byStation.has(station)) byStation.set(station, new Map())
  raiseTo(byStation.get(station)!, need)
}

const listOf = (count: SizeCounts) =>
  [...count].map(([key, amount]) => {
    const [kindId, sizeId] = key.split('/') as [string, string]
    return { kindId, sizeId, count: amount }
  })

/** In the order of the inventory, so that the list reads the same every time. */
function linesOf(kinds: readonly GearKind[], demands: readonly SizeCounts[], stations: Map<string, Set<number>>): GearLine[] {
  return kinds.flatMap((kind) =>
    kind.sizes.flatMap((size) => {
      const key = sizeKey(kind.id, size.id)
      const byTurn = demands.map((demand) => demand.get(key) ?? 0)
      const most = byTurn.reduce((best, amount) => Math.max(best, amount), 0)
      if (most === 0) return []
      return {
        kindId: kind.id,
        sizeId: size.id,
        kindName: kind.name,
        form: kind.form,
        sizeLabel: size.label,
        most,
        mostInTurn: byTurn.indexOf(most),
        owned: size.owned,
        short: Math.max(0, most - size.owned),
        byTurn,
        stations: [...(stations.get(key) ?? [])].sort((a, b) => a - b),
      }
    }),
  )
}
