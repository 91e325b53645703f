import { exchange } from '../base/exchanged'
import { failure, problem, success, type Result } from '../base/result'
import { assess, leastAndMost } from './assess'
import type { Rotation } from './rotation'
import { tableOf } from './table'
import { designs, type TurningDesign } from './whole-class-designs'

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
    Array.from({ length: stations }, (_, station): Pair =>
      station === 0 ? [others, turn] : [(turn + station) % others, (turn - station + others) % others],
    ),
  )
}

const numbers = (count: number) => Array.from({ length: count }, (_, index) => index)

/**
 * All rounds of a design that turns. With `m` the odd one of `n` and `n − 1`, everyone of a round moves one on among the `m` of
 * their kind, and one station on, `m` times: in the rounds of the design each pair of one kind stands by every distance between
 * them once, and so does each pair of both kinds, but for the distances that they lack. For each of those there is one round more,
 * which turns into itself: whoever is `x` of the one kind meets `x + distance` of the other at station `x + shift`.
 */
function developed(stations: number, { rounds, shifts }: TurningDesign): Rounds {
  const m = stations % 2 === 1 ? stations : stations - 1
  const turned = (number: number, by: number) => (number < m ? (number + by) % m : number)
  const moved = (person: number, by: number) => (person < m ? turned(person, by) : person < 2 * m ? m + turned(person - m, by) : person)
  const bases = rounds.map((round) => round.split(' ').map((pair) => pair.split('-').map(Number) as Pair))
  const turning = bases.flatMap((base) =>
    numbers(m).map((by) => {
      const round: Rounds[number] = []
      base.forEach(([one, other], station) => (round[turned(station, by)] = [moved(one, by), moved(other, by)]))
      return round
    }),
  )
  const distance = ([one, other]: Pair) => (Math.max(one, other) - m - Math.min(one, other) + m) % m
  const isMixed = (pair: Pair) => Math.min(...pair) < m && Math.max(...pair) >= m && Math.max(...pair) < 2 * m
  const taken = new Set(bases.flat().filter(isMixed).map(distance))
  const lacking = numbers(m).filter((value) => !taken.has(value))
  const still = lacking.map((value, index) => {
    const round: Rounds[number] = []
    for (const x of numbers(m)) round[(x + shifts[index]!) % m] = [x, m + ((x + value) % m)]
    if (m < stations) round[m] = [2 * m, 2 * m + 1]
    return round
  })
  return [...turning, ...still]
}

/**
 * A balanced tournament design for `2n` people at `n` stations: everyone meets everyone once, nobody more than twice at a station.
 * The circle with one exchange a round (station 1 with station `2t` or `−2t`, whichever is one) is exact unless `n` is 2 more than
 * a multiple of 3; there a design that turns is stored, up to 20 stations. Exists for all n but 2 (Schellenberg, van Rees &
 * Vanstone, Ars Combinatoria 3, 1977; from memory).
 */
export function tournament(stations: number): Rounds {
  const design = designs[stations]
  if (design) return developed(stations, design)
  const rounds = circle(stations)
  const others = 2 * stations - 1
  rounds.forEach((round, turn) => {
    const twice = (2 * turn) % others
    exchange(round, 0, Math.min(twice, (others - twice) % others))
  })
  return rounds
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
      worst <= 2
        ? { met: true, text: 'Nobody is more than twice at a station.' }
        : {
            met: false,
            text: `Somebody is ${worst} times at a station.`,
          },
      ...(alone > 0 ? [{ met: false, text: `In every turn one person has no partner: the coach or a demonstrator steps in.` }] : []),
    ],
  })
}
