import { bestPairs } from '../src/core/grouping/arrange'
import { bestOrder } from '../src/core/order/order'
import { solvedOrder, solvedPairing } from '../tests/fixtures/solver'

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

/** The same instances through our own search and through the mixed-integer solver, in one run: the same cost is the gate, ten times as fast the aim. */
export function benchSolver(): void {
  const runs = 20
  const people = Array.from({ length: 60 }, (_, index) => ({ id: String(index), level: 'regular' as const, loads: {} }))
  const pairCosts = table(60, true)
  const orderCosts = table(12, false)
  const rows: [string, () => number, () => number][] = [
    ['60 people in pairs', () => bestPairs(people, (one, other) => pairCosts[Number(one.id)]![Number(other.id)]!).cost, () => solvedPairing(pairCosts)],
    ['order of 12 stations', () => bestOrder(orderCosts).cost, () => solvedOrder(orderCosts)],
  ]
  console.log('Beside the mixed-integer solver HiGHS, median of 20')
  for (const [what, ours, theirs] of rows) {
    const own = median(runs, ours)
    const solver = median(runs, theirs)
    const same = own.cost === solver.cost ? 'the same cost' : `NOT the same cost: ${own.cost} and ${solver.cost}`
    console.log(`  ${what}: ${own.milliseconds.toFixed(1)} ms, solver ${solver.milliseconds.toFixed(1)} ms, ${(solver.milliseconds / own.milliseconds).toFixed(1)} times as fast (aim 10); ${same}`)
  }
}
