import edmonds from 'edmonds-blossom-fixed'
import { forbidden, groupCost, type Member, type PairCost } from './cost'

/** Groups with their points, and how good they are known to be. */
export interface Arrangement<P extends Member> {
  groups: P[][]
  cost: number
  /** No arrangement of these sizes costs less than this. Equal to `cost`: proven best. */
  bound: number
}

/** Weights of a matching are whole and above 0; this is more than any cost. */
const ceiling = 2 * forbidden

/**
 * Pairs of least cost over all pairings: a minimum-weight perfect matching by the blossom algorithm (Edmonds 1965), exact. With an
 * odd number, the one left over joins the pair where it costs least.
 */
export function bestPairs<P extends Member>(people: readonly P[], cost: PairCost): Arrangement<P> {
  if (people.length < 2) return { groups: people.length > 0 ? [[...people]] : [], cost: 0, bound: 0 }
  const edges = people.flatMap((one, i) =>
    people.slice(i + 1).map((other, step): [number, number, number] => [i, i + 1 + step, ceiling - cost(one, other)]),
  )
  const partner = edmonds(edges, true)
  const groups: P[][] = []
  const single: P[] = []
  people.forEach((person, index) => {
    const other = partner[index] ?? -1
    if (other < 0) single.push(person)
    else if (index < other) groups.push([person, people[other]!])
  })
  const matched = groups.reduce((sum, group) => sum + groupCost(group, cost), 0)
  for (const person of single) {
    const added = (group: readonly P[]) => group.reduce((sum, other) => sum + cost(person, other), 0)
    groups.reduce((best, group) => (added(group) < added(best) ? group : best)).push(person)
  }
  const total = groups.reduce((sum, group) => sum + groupCost(group, cost), 0)
  return { groups, cost: total, bound: single.length === 0 ? matched : Math.min(matched, total) }
}

/** No group of the sizes can cost less: each person's cheapest companions, every pair counted from both sides. */
function lowerBound(people: readonly Member[], sizes: readonly number[], cost: PairCost): number {
  const least = Math.min(...sizes) - 1
  const most = Math.max(...sizes) - 1
  const sum = people.reduce((total, one) => {
    const sorted = people
      .filter((other) => other !== one)
      .map((other) => cost(one, other))
      .sort((a, b) => a - b)
    const sums = sorted.slice(0, most).reduce<number[]>((all, known) => [...all, (all.at(-1) ?? 0) + known], [])
    return total + Math.min(...sums.slice(Math.max(0, least - 1)), ...(least === 0 ? [0] : []))
  }, 0)
  return Math.ceil(sum / 2)
}

/**
 * Groups of given sizes, bettered by exchanging two people as long as that helps, from several starts; with the bound beside it.
 * `sizes` add up to the people. The order given is the first start, so that equal groups stay as they are.
 */
export function bestGroups<P extends Member>(people: readonly P[], sizes: readonly number[], cost: PairCost): Arrangement<P> {
  if (people.length === 0) return { groups: [], cost: 0, bound: 0 }
  if (sizes.every((size) => size === 2)) return bestPairs(people, cost)
  const costs = people.map((one) => people.map((other) => (one === other ? 0 : cost(one, other))))
  const seatGroup = sizes.flatMap((size, group) => Array<number>(size).fill(group))
  let best: { seats: number[]; total: number } | undefined
  for (let start = 0; start < 8; start++) {
    const seats = shuffled(people.length, start)
    const total = settled(seats, seatGroup, costs)
    if (!best || total < best.total) best = { seats, total }
  }
  const groups = sizes.map((_, group) => best!.seats.filter((_, seat) => seatGroup[seat] === group).map((person) => people[person]!))
  return { groups, cost: best!.total, bound: Math.min(best!.total, lowerBound(people, sizes, cost)) }
}

function shuffled(count: number, seed: number): number[] {
  const seats = Array.from({ length: count }, (_, index) => index)
  let state = seed * 48271
  for (let index = count - 1; seed > 0 && index > 0; index--) {
    state = (Math.imul(state, 1664525) + 1013904223) | 0
    const other = (state >>> 0) % (index + 1)
    ;[seats[index], seats[other]] = [seats[other]!, seats[index]!]
  }
  return seats
}

/** Exchanges people between seats until no exchange helps; answers the points then. */
function settled(seats: number[], seatGroup: readonly number[], costs: readonly (readonly number[])[]): number {
  const count = seats.length
  const withGroup = (person: number, group: number, but: number) =>
    seats.reduce(
      (sum, other, seat) => (seatGroup[seat] === group && seat !== but && other !== person ? sum + costs[person]![other]! : sum),
      0,
    )
  for (let better = true; better; ) {
    better = false
    for (let one = 0; one < count; one++) {
      for (let other = one + 1; other < count; other++) {
        const [g, h] = [seatGroup[one]!, seatGroup[other]!]
        if (g === h) continue
        const [a, b] = [seats[one]!, seats[other]!]
        const now = withGroup(a, g, one) + withGroup(b, h, other)
        const then = withGroup(a, h, other) + withGroup(b, g, one)
        if (then >= now) continue
        ;[seats[one], seats[other]] = [b, a]
        better = true
      }
    }
  }
  let total = 0
  for (let one = 0; one < count; one++)
    for (let other = one + 1; other < count; other++) if (seatGroup[one] === seatGroup[other]) total += costs[seats[one]!]![seats[other]!]!
  return total
}
