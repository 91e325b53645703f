import { bestPairs } from '../src/core/grouping/arrange'
import { bestOrder } from '../src/core/order/order'
import { shortOf, startPlaces, type PlacementProblem } from '../src/core/gear/shortage/start-places'
import { solvedOrder, solvedPairing, solvedPlacement } from '../tests/fixtures/solver'

/** Costs that are the same in every run. */
function table(count: number, symmetric: boolean): number[][] {
  let state = 7
  const random = () => {
    state = (Math.imul(state, 1664525) + 1013904223) | 0
    return (state >>> 0) % 60
  }
  const costs = Array.from({ length: count }, () => Array.from({ length: count }, random))
  return costs.map((row, i) => row.map((cost, j) => (i === j ? 0 : symmetric && j < i ? costs[j]![i]! : cost)))
}

function median(runs: number, work: () => number): { milliseconds: number; cost: number } {
  const times: number[] = []
  let cost = 0
  for (let run = 0; run < runs; run++) {
    const start = performance.now()
    cost = work()
    times.push(performance.now() - start)
  }
  return { milliseconds: times.sort((a, b) => a - b)[Math.floor(runs / 2)]!, cost }
}

/** 24 people in trios on 8 stations, each wanting one of three sizes of two kinds at some of them. */
function placement(): PlacementProblem {
  const draws = table(24, false)
  const needs = Array.from({ length: 8 }, (_, group) =>
    Array.from({ length: 8 }, (_, station) =>
      Array.from(
        { length: 6 },
        (_, size) => [0, 1, 2].filter((person) => station % 3 === size % 2 && draws[group * 3 + person]![size]! % 3 === size % 3).length,
      ),
    ),
  )
  return { needs, owned: [1, 2, 1, 2, 1, 2], stations: 8 }
}

/**
 * The same instances through our own search and through the mixed-integer solver, in one run: the same cost is the gate, ten times
 * as fast the aim.
 */
export function benchSolver(): void {
  const runs = 20
  const people = Array.from({ length: 60 }, (_, index) => ({ id: String(index), level: 'regular' as const, loads: {} }))
  const pairCosts = table(60, true)
  const orderCosts = table(12, false)
  const places = placement()
  const rows: [string, () => number, () => number][] = [
    [
      '60 people in pairs',
      () => bestPairs(people, (one, other) => pairCosts[Number(one.id)]![Number(other.id)]!).cost,
      () => solvedPairing(pairCosts),
    ],
    ['order of 12 stations', () => bestOrder(orderCosts).cost, () => solvedOrder(orderCosts)],
    ['start placement of 24 people on 8 stations', () => startPlaces(places).short, () => solvedPlacement(places)],
  ]
  console.log('Beside the mixed-integer solver HiGHS, median of 20')
  for (const [what, ours, theirs] of rows) {
    const own = median(runs, ours)
    const solver = median(runs, theirs)
    const bound = what.startsWith('start')
      ? `, our bound ${startPlaces(places).bound}, as they come ${shortOf(
          places,
          places.needs.map((_, group) => group),
        )}`
      : ''
    const same = own.cost === solver.cost ? `the same cost, ${own.cost}` : `NOT the same cost: ${own.cost} and ${solver.cost}${bound}`
    console.log(
      `  ${what}: ${own.milliseconds.toFixed(1)} ms, solver ${solver.milliseconds.toFixed(1)} ms, ${(solver.milliseconds / own.milliseconds).toFixed(1)} times as fast (aim 10); ${same}`,
    )
  }
}
