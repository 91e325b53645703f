import { exercisesById } from '../../library/by-id'
import type { Exercise } from '../../library/exercise'
import type { GearKind } from '../../library/gear-kind'
import type { Circuit } from '../../plan/plan'
import { add, needOf, raise, sizeKey, type Borrower, type SizeCounts } from '../need'

/** Which group begins where, so that scarce sizes are wanted in as few turns at once as can be. */
export interface StartPlaces {
  /** `order[place]` is the group that begins there. */
  order: number[]
  /** Pieces of gear missing, summed over the turns of a lap. */
  short: number
  /** No order can be short of less. */
  bound: number
}

/** `needs[group][station]`: amounts of each scarce size, in the order of `owned`. */
export interface PlacementProblem {
  needs: number[][][]
  owned: number[]
  stations: number
}

/** What each group needs at each station of a loop, of the sizes that could run short. */
export function placementProblem(
  circuit: Circuit,
  groups: readonly (readonly Borrower[])[],
  exercises: readonly Exercise[],
  kinds: readonly GearKind[],
): PlacementProblem {
  const byId = exercisesById(exercises)
  const kindById = new Map(kinds.map((kind) => [kind.id, kind]))
  const counts = groups.map((group) =>
    circuit.stations.map((station) => {
      const most: SizeCounts = new Map()
      for (const use of station.uses) {
        const exercise = byId.get(use.exerciseId)
        if (!exercise) continue
        for (const [key, amount] of needOf(group, use, exercise, circuit.pairs, kindById, () => {})) raise(most, key, amount)
      }
      return most
    }),
  )
  const worst: SizeCounts = new Map()
  for (const row of counts) for (const count of row) for (const [key, amount] of count) add(worst, key, amount)
  const owned = new Map(kinds.flatMap((kind) => kind.sizes.map((size) => [sizeKey(kind.id, size.id), size.owned] as const)))
  const scarce = [...worst.keys()].filter((key) => (owned.get(key) ?? 0) < worst.get(key)!)
  return {
    needs: counts.map((row) => row.map((count) => scarce.map((key) => count.get(key) ?? 0))),
    owned: scarce.map((key) => owned.get(key) ?? 0),
    stations: circuit.stations.length,
  }
}

/** Pieces missing over a lap when group `order[place]` begins at `place`. */
export function shortOf({ needs, owned, stations }: PlacementProblem, order: readonly number[]): number {
  let short = 0
  for (let turn = 0; turn < stations; turn++) {
    for (let size = 0; size < owned.length; size++) {
      let wanted = 0
      for (let place = 0; place < order.length; place++) wanted += needs[order[place]!]![(place + turn) % stations]![size]!
      short += Math.max(0, wanted - owned[size]!)
    }
  }
  return short
}

/** In a lap every group wants everything once, whatever the order: what all turns together cannot hold is missing anyway. */
function boundOf({ needs, owned, stations }: PlacementProblem): number {
  return owned.reduce(
    (sum, have, size) =>
      sum + Math.max(0, needs.reduce((all, row) => all + row.reduce((total, need) => total + need[size]!, 0), 0) - have * stations),
    0,
  )
}

/** Exchanges groups between places as long as that helps, from the order given and some others. */
export function startPlaces(problem: PlacementProblem): StartPlaces {
  const groups = problem.needs.length
  const bound = boundOf(problem)
  let best = bettered(
    problem,
    Array.from({ length: groups }, (_, group) => group),
  )
  for (let turned = 1; turned < Math.min(groups, 6) && best.short > bound; turned++) {
    const mixed = Array.from({ length: groups }, (_, place) => (place * turned + turned) % groups)
    const found = new Set(mixed).size === groups ? bettered(problem, mixed) : bettered(problem, [...best.order].reverse())
    if (found.short < best.short) best = found
  }
  return { ...best, bound: Math.min(bound, best.short) }
}

function bettered(problem: PlacementProblem, start: number[]): { order: number[]; short: number } {
  const order = [...start]
  let short = shortOf(problem, order)
  for (let better = true; better && short > 0;) {
    better = false
    for (let one = 0; one < order.length; one++) {
      for (let other = one + 1; other < order.length; other++) {
        ;[order[one], order[other]] = [order[other]!, order[one]!]
        const then = shortOf(problem, order)
        if (then < short) {
          short = then
          better = true
        } else [order[one], order[other]] = [order[other]!, order[one]!]
      }
    }
  }
  return { order, short }
}
