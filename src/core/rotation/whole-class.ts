import { exchange } from '../base/exchanged'
import { randomFrom } from '../base/random'
import { failure, problem, success, type Result } from '../base/result'
import { assess, leastAndMost } from './assess'
import type { Rotation } from './rotation'
import { tableOf } from './table'
import { designs } from './whole-class-designs'

type Pair = [number, number]

/** Pairs of one round at their stations: `rounds[t][s]`. */
export type Rounds = Pair[][]

/**
 * The circle: one person stays, the others move round; in `2n − 1` rounds everyone meets everyone once. Everyone but the one who
 * stays is at each of stations 2 … n twice.
 */
function circle(stations: number): Rounds {
  const others = 2 * stations - 1
  return Array.from({ length: others }, (_, turn) =>
    Array.from(
      { length: stations },
      (_, station): Pair => (station === 0 ? [others, turn] : [(turn + station) % others, (turn - station + others) % others]),
    ),
  )
}

/** How often anyone is at a station more than twice, summed. */
export function excess(rounds: Rounds): number {
  const stations = rounds[0]!.length
  const counts = Array.from({ length: 2 * stations }, () => Array<number>(stations).fill(0))
  for (const round of rounds) round.forEach((pair, station) => pair.forEach((person) => counts[person]![station]!++))
  return counts.flat().reduce((sum, count) => sum + Math.max(0, count - 2), 0)
}

/** Annealing: exchanges of two pairs within a round, kept when they help, or by chance while it is warm. */
function annealed(start: Rounds, seed: number, steps: number): Rounds {
  const rounds = start.map((round) => [...round])
  const stations = rounds[0]!.length
  const { next, below } = randomFrom(seed)
  const counts = Array.from({ length: 2 * stations }, () => new Int16Array(stations))
  for (const round of rounds) round.forEach((pair, station) => pair.forEach((person) => counts[person]![station]!++))
  const over = (count: number) => Math.max(0, count - 2)
  const gain = (person: number, from: number, to: number) => {
    const mine = counts[person]!
    return over(mine[from]! - 1) - over(mine[from]!) + over(mine[to]! + 1) - over(mine[to]!)
  }
  let cost = excess(rounds)
  for (let step = 0; step < steps && cost > 0; step++) {
    const warmth = 0.6 * (1 - step / steps) + 0.05
    const round = rounds[below(rounds.length)]!
    const one = below(stations)
    const other = (one + 1 + below(stations - 1)) % stations
    const change =
      round[one]!.reduce((sum, person) => sum + gain(person, one, other), 0) +
      round[other]!.reduce((sum, person) => sum + gain(person, other, one), 0)
    if (change > 0 && next() >= Math.exp(-change / warmth)) continue
    for (const person of round[one]!) {
      counts[person]![one]!--
      counts[person]![other]!++
    }
    for (const person of round[other]!) {
      counts[person]![other]!--
      counts[person]![one]!++
    }
    exchange(round, one, other)
    cost += change
  }
  return rounds
}

/**
 * A balanced tournament design for `2n` people at `n` stations: everyone meets everyone once, nobody more than twice at a station.
 * The circle with one exchange a round (station 1 with station `2t` or `−2t`, whichever is one) is exact unless `n` is 2 more than
 * a multiple of 3; there the best that was found is stored (see `whole-class-designs.ts`), and 5 is annealed. Exists for all n but 2
 * (Schellenberg, van Rees & Vanstone, Ars Combinatoria 3, 1977; from memory).
 */
export function tournament(stations: number): Rounds {
  const others = 2 * stations - 1
  const rounds = circle(stations)
  const design = designs[stations]?.split(' ')
  if (design) return rounds.map((round, turn) => [...design[turn]!].map((pair) => round[parseInt(pair, 36)]!))
  rounds.forEach((round, turn) => {
    const twice = (2 * turn) % others
    exchange(round, 0, Math.min(twice, (others - twice) % others))
  })
  if (stations < 3 || excess(rounds) === 0) return rounds
  let best = rounds
  for (let seed = 1; seed <= 6 && excess(best) > 0; seed++) {
    const found = annealed(circle(stations), seed, 150_000)
    if (excess(found) < excess(best)) best = found
  }
  return best
}

const made = new Map<number, Rounds>()

/**
 * Everyone with everyone once, nobody over twice at a station. For as many pairs as stations; an odd one out has a turn without a
 * partner each time.
 */
export function wholeClass(stations: number, people: number, turns: number): Result<Rotation> {
  const pairs = Math.ceil(people / 2)
  if (pairs > stations)
    return failure(problem('tooManyPeople', `${people} people for ${stations} stations of 2: not everyone has a place.`, 'people'))
  if (pairs < 3) return failure(problem('noMix', 'With fewer than 5 people everyone meets everyone anyway: use two files.', 'people'))
  if (pairs > 20) return failure(problem('noMix', 'The whole class is mixed for up to 40 people. Use two files.', 'people'))
  let rounds = made.get(pairs)
  if (!rounds) made.set(pairs, (rounds = tournament(pairs)))
  const paths = Array.from({ length: people }, (_, person) =>
    Array.from({ length: turns }, (_, turn) => rounds[turn % rounds.length]!.findIndex((pair) => pair.includes(person))),
  )
  const { visits, meetings, alone } = assess(paths, stations)
  const [least, most] = leastAndMost(meetings.flatMap((row, one) => row.filter((_, other) => other !== one)))
  const worst = leastAndMost(visits.flat())[1]
  const over = visits.flat().reduce((sum, count) => sum + Math.max(0, count - 2), 0)
  const met = meetings.reduce((sum, row, one) => sum + row.filter((count, other) => other > one && count > 0).length, 0)
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: true,
    say: 'Your card and the wall tell you where to go next: a new partner every turn.',
    guarantees: [
      least === 1 && most === 1
        ? { met: true, text: 'Everyone meets everyone of the class exactly once.' }
        : {
            met: turns < 2 * pairs - 1 && most <= 1,
            text: `${met} of the ${(people * (people - 1)) / 2} possible meetings happen${most > 1 ? ', some twice' : ', none twice'}.`,
          },
      turns <= 2 * pairs - 1 && over === 0
        ? { met: true, text: 'Nobody is more than twice at a station.' }
        : {
            met: false,
            text: `Somebody is ${worst} times at a station${over > 0 ? ` (${over} ${over === 1 ? 'time' : 'times'} more than twice in all, the best found)` : ''}.`,
          },
      ...(alone > 0 ? [{ met: false, text: `In every turn one person has no partner: the coach or a demonstrator steps in.` }] : []),
    ],
  })
}
