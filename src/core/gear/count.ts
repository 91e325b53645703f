import type { GearForm, GearKind } from '../library/gear-kind'
import { turnsPerLap } from '../plan/turns'
import { add, sizeKey, type SizeCounts } from './need'
import { atStations, counterOf, listNeed, raiseTo, turnsToCount, type GearInput, type GearTurn } from './station-need'

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

export interface GearCount {
  turns: GearTurn[]
  lines: GearLine[]
  /** For each rotating circuit and station: the most of each size that must stand there. */
  byStation: { pieceId: string; station: number; most: { kindId: string; sizeId: string; count: number }[] }[]
  /** Exercises and kinds of gear that the plan names and the hall does not have: not counted. */
  unknownExercises: string[]
  unknownKinds: string[]
}

/** Pieces missing, of everything, summed over the turns. */
export const missingIn = ({ lines }: Pick<GearCount, 'lines'>): number =>
  lines.reduce((sum, line) => sum + line.byTurn.reduce((all, wanted) => all + Math.max(0, wanted - line.owned), 0), 0)

export const nothingCounted: GearCount = { turns: [], lines: [], byStation: [], unknownExercises: [], unknownKinds: [] }

/**
 * Counts gear person by person, turn by turn, over the whole class. Within a turn all positions of a stay are laid out at once, so
 * the most of any position counts. Two circuits on the same spots are counted apart.
 */
export function countGear(input: GearInput): GearCount {
  const counter = counterOf(input)
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
