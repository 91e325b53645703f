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
export function repeatBound(people: number, size: number, turns: number): number {
  const groups = sizesOf(people, size)
  const each = groups.reduce((sum, count) => sum + (count * (count - 1)) / 2, 0)
  return Math.max(0, each * turns - (people * (people - 1)) / 2)
}

/** Sizes of groups of about `size`, none larger than `size` but where people are left over. */
function sizesOf(people: number, size: number): number[] {
  const count = Math.max(1, Math.floor(people / size))
  return Array.from({ length: count }, (_, index) => Math.floor(people / count) + (index < people % count ? 1 : 0))
}

/** Groups that change every turn with as few repeats as are found: exchanges of two people within a turn, while they help. */
export function mixedTurns(people: number, size: number, turns: number): Turn[] {
  if (people === 15 && size === 3 && turns <= 7) return kirkman().slice(0, turns)
  let best: Turn[] | undefined
  let fewest = Infinity
  const bound = repeatBound(people, size, turns)
  for (let seed = 1; seed <= 4 && fewest > bound; seed++) {
    const found = searched(people, sizesOf(people, size), turns, seed)
    const count = repeats(found, people)
    if (count < fewest) [best, fewest] = [found, count]
  }
  return best!
}

function searched(people: number, sizes: number[], turns: number, seed: number): Turn[] {
  let state = seed * 7919
  const random = (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) | 0
    return Math.floor(((state >>> 0) / 4294967296) * below)
  }
  const groupOf = sizes.flatMap((size, group) => Array<number>(size).fill(group))
  const together = new Int16Array(people * people)
  // seats[turn][seat] is a person; a seat belongs to a group.
  const seats = Array.from({ length: turns }, () => {
    const row = Array.from({ length: people }, (_, person) => person)
    for (let index = people - 1; index > 0; index--) {
      const other = random(index + 1)
      ;[row[index], row[other]] = [row[other]!, row[index]!]
    }
    return row
  })
  const first = Array.from({ length: people }, (_, person) => person)
  if (seats.length > 0) seats[0] = first
  const mates = (turn: number, seat: number) => seats[turn]!.filter((_, other) => other !== seat && groupOf[other] === groupOf[seat])
  const add = (one: number, other: number, by: number) => {
    together[one * people + other]! += by
    together[other * people + one]! += by
  }
  for (let turn = 0; turn < turns; turn++)
    seats[turn]!.forEach((person, seat) => mates(turn, seat).forEach((mate) => person < mate && add(person, mate, 1)))
  const steps = Math.min(60_000, people * turns * 400)
  for (let step = 0; step < steps && turns > 1; step++) {
    const turn = 1 + random(turns - 1)
    const one = random(people)
    const other = random(people)
    if (groupOf[one] === groupOf[other]) continue
    const [a, b] = [seats[turn]![one]!, seats[turn]![other]!]
    const [withA, withB] = [mates(turn, one), mates(turn, other)]
    let change = 0
    for (const mate of withA) change += together[b * people + mate]! * 2 - (together[a * people + mate]! - 1) * 2
    for (const mate of withB) change += together[a * people + mate]! * 2 - (together[b * people + mate]! - 1) * 2
    const warmth = 1.2 * (1 - step / steps) + 0.02
    if (change > 0 && random(1_000_000) / 1_000_000 >= Math.exp(-change / warmth)) continue
    for (const mate of withA) {
      add(a, mate, -1)
      add(b, mate, 1)
    }
    for (const mate of withB) {
      add(b, mate, -1)
      add(a, mate, 1)
    }
    seats[turn]![one] = b
    seats[turn]![other] = a
  }
  return seats.map((row) => sizes.map((_, group) => row.filter((_, seat) => groupOf[seat] === group)))
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

/** Groups of three or more, new every turn. The repeats found stand beside the fewest there can be. */
export function mixedGroups(stations: number, people: number, turns: number, size: number): Result<Rotation> {
  const groups = Math.max(1, Math.floor(people / size))
  if (groups > stations)
    return failure(problem('tooManyPeople', `${groups} groups for ${stations} stations: not everyone has a place.`, 'people'))
  const table = mixedTurns(people, size, turns)
  const paths = placed(table, people, stations)
  const count = repeats(table, people)
  const bound = repeatBound(people, size, turns)
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
