import edmonds from 'edmonds-blossom-fixed'
import { randomFrom } from '../base/random'
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

/** Pairs of an even number of people, by their indices: a minimum-weight perfect matching by the blossom algorithm (Edmonds 1965), exact. */
function matching(indices: readonly number[], costs: readonly (readonly number[])[]): { pairs: [number, number][]; total: number } {
  const edges = indices.flatMap((one, i) =>
    indices.slice(i + 1).map((other, step): [number, number, number] => [i, i + 1 + step, ceiling - costs[one]![other]!]),
  )
  const partner = edmonds(edges, true)
  const pairs = indices.flatMap((one, i): [number, number][] => {
    const other = partner[i] ?? -1
    return i < other ? [[one, indices[other]!]] : []
  })
  return { pairs, total: pairs.reduce((sum, [one, other]) => sum + costs[one]![other]!, 0) }
}

/** Up to so many people every trio is looked at. */
const everyTrioUpTo = 13

/**
 * Pairs, and with an odd number one trio, of least cost. Pairs are proven best. With an odd number, up to 13 people, so is the trio
 * with them: every trio is tried beside the best pairs of the others. Beyond, each person is tried as the third, in the pair where
 * they cost least; the bound is the best pairs without them and their two cheapest companions.
 */
export function bestPairs<P extends Member>(people: readonly P[], cost: PairCost): Arrangement<P> {
  if (people.length < 2) return { groups: people.length > 0 ? [[...people]] : [], cost: 0, bound: 0 }
  const costs = costTable(people, cost)
  const all = people.map((_, index) => index)
  const { groups, total, bound } = people.length % 2 === 0 ? evenPairs(all, costs) : oddPairs(all, costs)
  return { groups: groups.map((group) => group.map((index) => people[index]!)), cost: total, bound }
}

interface Found {
  groups: number[][]
  total: number
  bound: number
}

function evenPairs(all: readonly number[], costs: readonly (readonly number[])[]): Found {
  const { pairs, total } = matching(all, costs)
  return { groups: pairs, total, bound: total }
}

function oddPairs(all: readonly number[], costs: readonly (readonly number[])[]): Found {
  const isSmall = all.length <= everyTrioUpTo
  const tried = isSmall ? all.flatMap((third) => triosWith(third, all, costs)) : all.map((third) => thirdOf(third, all, costs))
  const best = tried.reduce((found, next) => (next.total < found.total ? next : found))
  const bound = isSmall ? best.total : Math.min(best.total, ...tried.map((known) => known.bound))
  return { ...best, bound }
}

/** Every trio of which the one named is the last in order, beside the best pairs of all others. */
function triosWith(third: number, all: readonly number[], costs: readonly (readonly number[])[]): Found[] {
  const before = all.filter((index) => index < third)
  return before.flatMap((one) =>
    before
      .filter((other) => other > one)
      .map((other): Found => {
        const { pairs, total } = matching(
          all.filter((index) => index !== one && index !== other && index !== third),
          costs,
        )
        const sum = total + costs[one]![other]! + costs[one]![third]! + costs[other]![third]!
        return { groups: [...pairs, [one, other, third]], total: sum, bound: sum }
      }),
  )
}

/** The best pairs without one person, who joins the pair where that costs least. */
function thirdOf(third: number, all: readonly number[], costs: readonly (readonly number[])[]): Found {
  const { pairs, total } = matching(
    all.filter((index) => index !== third),
    costs,
  )
  const added = ([one, other]: [number, number]) => costs[one]![third]! + costs[other]![third]!
  const joined = pairs.reduce((best, pair) => (added(pair) < added(best) ? pair : best))
  const groups = pairs.map((pair) => (pair === joined ? [...pair, third] : pair))
  const [first = 0, second = 0] = all
    .filter((index) => index !== third)
    .map((index) => costs[index]![third]!)
    .sort((a, b) => a - b)
  // Of the best trio, call one the third: its other two are a pair among the rest, whose best pairs cost no less.
  return { groups, total: total + added(joined), bound: total + first + second }
}

const costTable = (people: readonly Member[], cost: PairCost): number[][] =>
  people.map((one) => people.map((other) => (one === other ? 0 : cost(one, other))))

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

/** The best pairs, with a trio where the sizes have it; as they came where that is as good. */
function pairsOfSizes<P extends Member>(people: readonly P[], sizes: readonly number[], cost: PairCost): Arrangement<P> {
  const best = bestPairs(people, cost)
  let next = 0
  const came = sizes.map((size) => people.slice(next, (next += size)))
  if (came.reduce((sum, group) => sum + groupCost(group, cost), 0) === best.cost) return { ...best, groups: came }
  const [pairs, trios] = [best.groups.filter((group) => group.length === 2), best.groups.filter((group) => group.length === 3)]
  return { ...best, groups: sizes.map((size) => (size === 3 ? trios : pairs).shift()!) }
}

/**
 * Groups of given sizes, bettered by exchanging two people as long as that helps, from several starts; with the bound beside it.
 * `sizes` add up to the people. The order given is the first start, so that equal groups stay as they are.
 */
export function bestGroups<P extends Member>(people: readonly P[], sizes: readonly number[], cost: PairCost): Arrangement<P> {
  if (people.length === 0) return { groups: [], cost: 0, bound: 0 }
  if (sizes.filter((size) => size !== 2).every((size, index) => size === 3 && index === 0)) return pairsOfSizes(people, sizes, cost)
  const costs = costTable(people, cost)
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
  const { below } = randomFrom(seed * 48271)
  for (let index = count - 1; seed > 0 && index > 0; index--) {
    const other = below(index + 1)
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
  for (let better = true; better;) {
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
