import { exchange } from '../base/exchanged'
import { evenSizes } from '../grouping/groups'
import { randomFrom } from '../base/random'
import { failure, problem, success, type Result } from '../base/result'
import { assess, coverageWords } from './assess'
import { elsewhere, type Rotation } from './rotation'
import { tableOf } from './table'

/** Groups of one turn. */
type Turn = number[][]

/**
 * Kirkman's fifteen (1850): 15 people in 5 trios for 7 turns, nobody together twice. One turn, developed by adding 1 … 6 modulo 7
 * to both kinds of people (0 … 6 and 7 … 13), with person 14 fixed.
 */
export function kirkman(): Turn[] {
  const base: Turn = [
    [14, 0, 7],
    [1, 2, 4],
    [3, 8, 12],
    [5, 11, 13],
    [6, 9, 10],
  ]
  const moved = (person: number, by: number) => (person === 14 ? 14 : person < 7 ? (person + by) % 7 : 7 + ((person - 7 + by) % 7))
  return Array.from({ length: 7 }, (_, by) => base.map((trio) => trio.map((person) => moved(person, by))))
}

/** Pairs of people that are together more than once, summed over the repeats. */
export function repeats(turns: readonly Turn[], people: number): number {
  const together = new Uint8Array(people * people)
  let count = 0
  for (const turn of turns)
    for (const group of turn)
      for (const one of group) for (const other of group) if (one < other && together[one * people + other]!++ > 0) count++
  return count
}

/** The fewest repeats there can be: a turn makes so many pairs, and there are only so many different ones. */
export function repeatBound(sizes: readonly number[], turns: number): number {
  const people = sizes.reduce((sum, count) => sum + count, 0)
  const meetings = sizes.reduce((sum, count) => sum + (count * (count - 1)) / 2, 0)
  return Math.max(0, meetings * turns - (people * (people - 1)) / 2)
}

/**
 * Sizes of groups of about `size`: larger ones do with one fewer (11 in trios: 3, 3, 3 and 2; 5: 3 and 2), where there are stations
 * for as many groups; where there are not, with one more.
 */
export function mixedSizes(people: number, size: number, stations: number): number[] {
  const groups = size > 2 ? Math.ceil(people / size) : Math.floor(people / size)
  return evenSizes(people, Math.max(1, Math.min(groups, stations)))
}

/** Groups that change every turn with as few repeats as are found: exchanges of two people within a turn, while they help. */
export function mixedTurns(sizes: readonly number[], turns: number): Turn[] {
  const people = sizes.reduce((sum, count) => sum + count, 0)
  if (people === 15 && sizes.every((size) => size === 3) && turns <= 7) return kirkman().slice(0, turns)
  let best: Turn[] | undefined
  let fewest = Infinity
  const bound = repeatBound(sizes, turns)
  for (let seed = 1; seed <= 4 && fewest > bound; seed++) {
    const found = searched(people, sizes, turns, seed, bound)
    const count = repeats(found, people)
    if (count < fewest) [best, fewest] = [found, count]
  }
  return best!
}

/** Who sits where, turn by turn: `rows[turn][seat]` is a person, and each seat belongs to a group; with how often any two are together. */
class Seating {
  private readonly groupOf: number[]
  /** The other seats of each seat's group. */
  private readonly beside: number[][]
  private readonly together: Int16Array

  constructor(
    readonly rows: number[][],
    private readonly sizes: readonly number[],
  ) {
    this.groupOf = sizes.flatMap((size, group) => Array<number>(size).fill(group))
    this.beside = this.groupOf.map((group, seat) => this.groupOf.flatMap((its, other) => (its === group && other !== seat ? [other] : [])))
    this.together = new Int16Array(this.people ** 2)
    for (const row of rows)
      row.forEach((person, seat) => this.beside[seat]!.forEach((other) => person < row[other]! && this.count(person, row[other]!, 1)))
  }

  get people(): number {
    return this.groupOf.length
  }

  sameGroup(one: number, other: number): boolean {
    return this.groupOf[one] === this.groupOf[other]
  }

  /** By how much the repeats, doubled, change if the two people of a turn exchange seats. */
  change(turn: number, one: number, other: number): number {
    const row = this.rows[turn]!
    return this.gain(row, one, row[other]!) + this.gain(row, other, row[one]!)
  }

  exchange(turn: number, one: number, other: number): void {
    const row = this.rows[turn]!
    const [a, b] = [row[one]!, row[other]!]
    this.moved(row, one, b)
    this.moved(row, other, a)
    row[one] = b
    row[other] = a
  }

  /** All repeats, doubled; a pair that is together three times counts three times over. */
  cost(): number {
    return this.together.reduce((sum, count) => sum + (count * (count - 1)) / 2, 0)
  }

  turns(): Turn[] {
    return this.rows.map((row) => this.sizes.map((_, group) => row.filter((_, seat) => this.groupOf[seat] === group)))
  }

  private met = (one: number, other: number) => this.together[one * this.people + other]!

  /** What it adds to the repeats, doubled, that `comes` takes a seat from the one who has it. */
  private gain(row: readonly number[], seat: number, comes: number): number {
    let sum = 0
    for (const other of this.beside[seat]!) sum += 2 * (this.met(comes, row[other]!) - (this.met(row[seat]!, row[other]!) - 1))
    return sum
  }

  private moved(row: readonly number[], seat: number, comes: number): void {
    for (const other of this.beside[seat]!) {
      this.count(row[seat]!, row[other]!, -1)
      this.count(comes, row[other]!, 1)
    }
  }

  private count(one: number, other: number, by: number): void {
    this.together[one * this.people + other]! += by
    this.together[other * this.people + one]! += by
  }
}

/** The people in an order of chance. */
function shuffled(people: number, { below }: ReturnType<typeof randomFrom>): number[] {
  const row = Array.from({ length: people }, (_, person) => person)
  for (let index = people - 1; index > 0; index--) exchange(row, index, below(index + 1))
  return row
}

/**
 * Annealing: exchanges of two people within a turn, kept when they help, or by chance while it is warm. The first turn stays
 * as people come. It ends where no fewer repeats can be had.
 */
function searched(people: number, sizes: readonly number[], turns: number, seed: number, bound: number): Turn[] {
  const random = randomFrom(seed * 7919)
  const rows = Array.from({ length: turns }, () => shuffled(people, random))
  if (turns > 0) rows[0] = Array.from({ length: people }, (_, person) => person)
  const seating = new Seating(rows, sizes)
  const steps = turns > 1 ? Math.min(60_000, people * turns * 400) : 0
  let cost = seating.cost()
  for (let step = 0; step < steps && cost > 2 * bound; step++) {
    const [turn, one, other] = [1 + random.below(turns - 1), random.below(people), random.below(people)]
    if (seating.sameGroup(one, other)) continue
    const change = seating.change(turn, one, other)
    const warmth = 1.2 * (1 - step / steps) + 0.02
    if (change > 0 && random.next() >= Math.exp(-change / warmth)) continue
    seating.exchange(turn, one, other)
    cost += change
  }
  return seating.turns()
}

/**
 * The stations of changing groups, turn by turn: each group goes where its people have been least; greedy, so coverage is told as
 * it comes out.
 */
function placed(turns: readonly Turn[], people: number, stations: number): number[][] {
  const visits = Array.from({ length: people }, () => Array<number>(stations).fill(0))
  const paths: number[][] = Array.from({ length: people }, () => [])
  for (const turn of turns) {
    const free = new Set(Array.from({ length: stations }, (_, station) => station))
    const seen = (group: number[], station: number) =>
      group.reduce((sum, person) => sum + visits[person]![station]! ** 2 * 4 + visits[person]![station]!, 0)
    // The group with least choice first.
    const order = turn
      .map((group) => group)
      .sort(
        (a, b) =>
          Math.min(...b.map((person) => Math.max(...visits[person]!))) - Math.min(...a.map((person) => Math.max(...visits[person]!))),
      )
    for (const group of order) {
      let best = elsewhere
      for (const station of free) if (best === elsewhere || seen(group, station) < seen(group, best)) best = station
      free.delete(best)
      for (const person of group) {
        visits[person]![best]!++
        paths[person]!.push(best)
      }
    }
  }
  return paths
}

const found = new Map<string, Result<Rotation>>()

/** As below. The search takes a while, and only the numbers matter to it: it is not made again with every edit of a class. */
export function mixedGroups(stations: number, people: number, turns: number, size: number): Result<Rotation> {
  const key = [stations, people, turns, size].join('/')
  const rotation = found.get(key) ?? searchedMix(stations, people, turns, size)
  // The latest is last; the oldest of eight goes.
  found.delete(key)
  found.set(key, rotation)
  if (found.size > 8) found.delete(found.keys().next().value!)
  return rotation
}

/** Groups of three or more, new every turn. The repeats found stand beside the fewest there can be. */
function searchedMix(stations: number, people: number, turns: number, size: number): Result<Rotation> {
  const groups = Math.max(1, Math.floor(people / size))
  if (groups > stations)
    return failure(problem('tooManyPeople', `${groups} groups for ${stations} stations: not everyone has a place.`, 'people'))
  const sizes = mixedSizes(people, size, stations)
  const table = mixedTurns(sizes, turns)
  const paths = placed(table, people, stations)
  const count = repeats(table, people)
  const bound = repeatBound(sizes, turns)
  const everyone = paths.map((_, person) => person)
  const text =
    count === 0
      ? 'Nobody is with anybody twice.'
      : `${count} ${count === 1 ? 'pair is' : 'pairs are'} together again; ${count === bound ? 'fewer cannot be had' : `the least there could be is ${bound}`}.`
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: true,
    say: 'Your card and the wall tell you where to go next: a new group every turn.',
    guarantees: [{ met: count === bound, text }, coverageWords(assess(paths, stations), everyone)],
  })
}
