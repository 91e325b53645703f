import type { ComputedClass, HallLibrary } from '../../class/compute'
import { exercisesById } from '../../library/by-id'
import type { ClassDocument } from '../../class/class-document'
import { formFor } from '../../options/form-for'
import { everyCircuit } from '../../plan/every-circuit'
import type { Circuit, Plan } from '../../plan/plan'
import { rotatingCircuits } from '../../plan/turns'
import { pieceName } from '../../summary/names'
import type { Seconds } from '../../base/units'
import type { Timeline } from '../../timeline/phase'
import type { GearCount } from '../count'
import { sizeKey } from '../need'

/** So many of a kind and size. */
export interface Pieces {
  kindId: string
  sizeId: string
  kindName: string
  sizeLabel: string
  count: number
}

/** What is carried to one place before the class. */
export interface SetUpPlace {
  circuitId: string
  /** From 1; absent for what everybody takes for a list done together. */
  station?: number
  name: string
  pieces: Pieces[]
  /** Places that it needs and that cannot be carried: a wall, an anchor point. */
  at: Pieces[]
}

export interface SetUp {
  /** In the order of the stations, then what is handed out. */
  places: SetUpPlace[]
  /** Sizes of which there are too few to stand at every station: they go round with those who use them. */
  goRound: Pieces[]
}

/** `Kettlebell 8 kg`. */
export const sizeWords = ({ kindName, sizeLabel }: Pick<Pieces, 'kindName' | 'sizeLabel'>): string =>
  [kindName, sizeLabel].filter(Boolean).join(' ')

/** `2 × Kettlebell 8 kg`. */
export const piecesWords = (pieces: Pieces): string => `${pieces.count} × ${sizeWords(pieces)}`

/** Names of sizes, as the count tells them. */
const naming = (gear: GearCount) => {
  const names = new Map(gear.lines.map((line) => [sizeKey(line.kindId, line.sizeId), line]))
  return (kindId: string, sizeId: string, count: number): Pieces => {
    const line = names.get(sizeKey(kindId, sizeId))
    return { kindId, sizeId, kindName: line?.kindName ?? kindId, sizeLabel: line?.sizeLabel ?? '', count }
  }
}

/** Kinds that are places: nobody carries them. */
const placesIn = (gear: GearCount): ReadonlySet<string> =>
  new Set(gear.lines.filter((line) => line.form === 'place').map((line) => line.kindId))

const stationPieces = (gear: GearCount, circuitId: string, station: number) =>
  gear.byStation.find((known) => known.pieceId === circuitId && known.station === station)?.most ?? []

/** What must stand at all stations of a circuit together, by kind and size. */
function standingTotals(gear: GearCount, circuit: Circuit): Map<string, number> {
  const totals = new Map<string, number>()
  circuit.stations.forEach((_, station) =>
    stationPieces(gear, circuit.id, station).forEach(({ kindId, sizeId, count }) =>
      totals.set(sizeKey(kindId, sizeId), (totals.get(sizeKey(kindId, sizeId)) ?? 0) + count),
    ),
  )
  return totals
}

const ownedOf = (gear: GearCount) => new Map(gear.lines.map((line) => [sizeKey(line.kindId, line.sizeId), line.owned]))

/**
 * What to carry where before the class: to the stations of the first circuit in which people rotate, in their order, and to
 * everybody for each list that is done together. A size of which all stations together want more than there is goes round with the
 * people instead.
 */
export function setUpList(plan: Plan, gear: GearCount): SetUp {
  const named = naming(gear)
  const owned = ownedOf(gear)
  const [first] = rotatingCircuits(plan)
  const totals = first ? standingTotals(gear, first) : new Map<string, number>()
  const places = placesIn(gear)
  const scarce = new Set([...totals].flatMap(([key, wanted]) => (wanted > (owned.get(key) ?? 0) ? [key] : [])))
  const atStations = (first?.stations ?? []).flatMap((_, station): SetUpPlace[] => {
    const all = stationPieces(gear, first!.id, station).map(({ kindId, sizeId, count }) => named(kindId, sizeId, count))
    const pieces = all.filter((piece) => !scarce.has(sizeKey(piece.kindId, piece.sizeId)) && !places.has(piece.kindId))
    const at = all.filter((piece) => places.has(piece.kindId))
    return pieces.length + at.length === 0
      ? []
      : [{ circuitId: first!.id, station: station + 1, name: `Station ${station + 1}`, pieces, at }]
  })
  const handedOut = everyCircuit(plan).flatMap((circuit): SetUpPlace[] => {
    if (circuit.travel === 'rotate') return []
    const turns = gear.turns.flatMap((turn, index) => (turn.pieceId === circuit.id ? [index] : []))
    const pieces = gear.lines.flatMap((line) => {
      const most = Math.max(0, ...turns.map((turn) => line.byTurn[turn]!))
      return most > 0 && line.form !== 'place' ? [named(line.kindId, line.sizeId, most)] : []
    })
    return pieces.length === 0 ? [] : [{ circuitId: circuit.id, name: `${pieceName(circuit)}, to everyone`, pieces, at: [] }]
  })
  const goRound = gear.lines
    .filter((line) => line.form !== 'place' && scarce.has(sizeKey(line.kindId, line.sizeId)))
    .map((line) => named(line.kindId, line.sizeId, Math.min(line.most, line.owned)))
  return { places: [...atStations, ...handedOut], goRound }
}

/** What changes at one station between two circuits on the same spots. */
export interface StationSwap {
  station: number
  goes: Pieces[]
  comes: Pieces[]
  stays: Pieces[]
}

export interface GearSwap {
  from: string
  to: string
  fromId: string
  toId: string
  /** Times in the class: more than once where a part is gone through again. */
  times: number
  stations: StationSwap[]
  /** Seconds for it when those of a station carry together; absent while nobody is here to carry. */
  needed?: Seconds
  /** The shortest that the class leaves for it, from the last work of the one to the first of the other. */
  given: Seconds
}

/** To take one piece back or fetch it, there and back again: our estimate. */
export const carrySeconds: Seconds = 10

interface Change {
  from: Circuit
  to: Circuit
  times: number
  given: Seconds
}

/** From which circuit with stations to which other, in the order in which the class first does so. */
function changesOf(plan: Plan, { phases }: Pick<Timeline, 'phases'>): Change[] {
  const circuits = new Map(rotatingCircuits(plan).map((circuit) => [circuit.id, circuit]))
  const worked = phases.filter((phase) => phase.kind === 'work' && circuits.has(phase.pieceId))
  const changes = new Map<string, Change>()
  worked.slice(1).forEach((next, index) => {
    const last = worked[index]!
    if (last.pieceId === next.pieceId) return
    const key = `${last.pieceId}/${next.pieceId}`
    const given = next.start - last.start - last.seconds
    const known = changes.get(key)
    changes.set(key, {
      from: circuits.get(last.pieceId)!,
      to: circuits.get(next.pieceId)!,
      times: (known?.times ?? 0) + 1,
      given: Math.min(known?.given ?? Infinity, given),
    })
  })
  return [...changes.values()]
}

/** What is carried at each station where one circuit follows another on the same spots, and whether there is time for it. */
export function swapLists(plan: Plan, timeline: Timeline, gear: GearCount, groupSizes: readonly number[]): GearSwap[] {
  const named = naming(gear)
  const places = placesIn(gear)
  const at = (circuit: Circuit, station: number) =>
    new Map(
      stationPieces(gear, circuit.id, station)
        .filter((piece) => !places.has(piece.kindId))
        .map((piece) => [sizeKey(piece.kindId, piece.sizeId), piece]),
    )
  const atStation = ({ from, to }: Change, station: number): StationSwap => {
    const [before, after] = [at(from, station), at(to, station)]
    const count = (counts: typeof before, key: string) => counts.get(key)?.count ?? 0
    const amounts = (amount: (key: string) => number) =>
      [...new Map([...before, ...after])].flatMap(([key, { kindId, sizeId }]) =>
        amount(key) > 0 ? [named(kindId, sizeId, amount(key))] : [],
      )
    return {
      station: station + 1,
      goes: amounts((key) => count(before, key) - count(after, key)),
      comes: amounts((key) => count(after, key) - count(before, key)),
      stays: amounts((key) => Math.min(count(before, key), count(after, key))),
    }
  }
  const moved = ({ goes, comes }: StationSwap) => [...goes, ...comes].reduce((sum, piece) => sum + piece.count, 0)
  return changesOf(plan, timeline).map((change): GearSwap => {
    const { from, to, times, given } = change
    const stations = Array.from({ length: Math.max(from.stations.length, to.stations.length) }, (_, station) =>
      atStation(change, station),
    ).filter(({ goes, comes, stays }) => goes.length + comes.length + stays.length > 0)
    const carriers = Math.min(...groupSizes)
    const needed = groupSizes.length > 0 && Math.max(0, ...stations.map((swap) => Math.ceil(moved(swap) / carriers) * carrySeconds))
    return {
      from: pieceName(from),
      to: pieceName(to),
      fromId: from.id,
      toId: to.id,
      times,
      stations,
      ...(needed !== false && { needed }),
      given,
    }
  })
}

/** Sizes that two stations next to each other both use: what one leaves, the other can take. */
export function sharedNextDoor(plan: Plan, gear: GearCount): { circuit: string; stations: [number, number]; pieces: Pieces[] }[] {
  const named = naming(gear)
  return rotatingCircuits(plan).flatMap((circuit) =>
    circuit.stations.flatMap((_, station) => {
      const next = (station + 1) % circuit.stations.length
      if (circuit.stations.length < 2 || (circuit.stations.length === 2 && station === 1)) return []
      const other = stationPieces(gear, circuit.id, next)
      const pieces = stationPieces(gear, circuit.id, station).flatMap(({ kindId, sizeId, count }) => {
        const there = other.find((known) => known.kindId === kindId && known.sizeId === sizeId)
        return there ? [named(kindId, sizeId, Math.min(count, there.count))] : []
      })
      return pieces.length > 0 ? [{ circuit: pieceName(circuit), stations: [station + 1, next + 1] as [number, number], pieces }] : []
    }),
  )
}

/** All that has come out, to be counted back: what stands at stations, or the most in use at once where that is more. */
export function tearDownList(plan: Plan, gear: GearCount): Pieces[] {
  const named = naming(gear)
  const standing = rotatingCircuits(plan).map((circuit) => standingTotals(gear, circuit))
  return gear.lines
    .filter((line) => line.form !== 'place')
    .map((line) => {
      const key = sizeKey(line.kindId, line.sizeId)
      const most = Math.max(line.most, ...standing.map((totals) => totals.get(key) ?? 0))
      return named(line.kindId, line.sizeId, Math.min(most, line.owned))
    })
}

/** What people are to bring: everyone the kinds that the class asks for, and who follows from home all that they need there. */
export function bringList(
  document: Pick<ClassDocument, 'plan' | 'bring'>,
  { atHome }: Pick<ComputedClass, 'atHome'>,
  library: HallLibrary,
): { who: string; kinds: string[] }[] {
  const byId = exercisesById(library.exercises)
  const nameOf = (kindId: string) => library.gear.find((kind) => kind.id === kindId)?.name ?? kindId
  const everyone = (document.bring ?? []).map(nameOf)
  const home = atHome.map((person) => {
    const forms = everyCircuit(document.plan).flatMap((circuit) =>
      circuit.stations.flatMap((station) =>
        station.uses.flatMap((use) => (byId.has(use.exerciseId) ? [formFor(person, use, byId.get(use.exerciseId)!).form] : [])),
      ),
    )
    return { who: `${person.name}, from home`, kinds: [...new Set(forms.flatMap((form) => form.gear.map((need) => nameOf(need.kindId))))] }
  })
  return [...(everyone.length > 0 ? [{ who: 'Everyone', kinds: everyone }] : []), ...home.filter(({ kinds }) => kinds.length > 0)]
}
