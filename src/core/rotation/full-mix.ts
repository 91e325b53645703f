import { failure, problem, success, type Result } from '../base/result'
import { mostOrder, squarePair } from './latin'
import type { Rotation } from './rotation'
import { tableOf } from './table'
import { fileGuarantees, tooManyForFiles } from './two-files'

/**
 * Every station once and every partner of the other file once, told by screen and card: two orthogonal Latin squares, possible for
 * every number of stations but 2 and 6. For 6 there are 34 of the 36 meetings, the most there is. Fails with `noMix` for 2 and
 * beyond 20.
 */
export function fullMix(stations: number, people: number, turns: number): Result<Rotation> {
  if (stations === 2)
    return failure(
      problem(
        'noMix',
        'With 2 stations there is no such mix: every station once and every partner once cannot both be. Stay together, or take a new partner each turn.',
        'stations',
      ),
    )
  if (stations > mostOrder)
    return failure(problem('noMix', `A full mix is made for up to ${mostOrder} stations. Use two files.`, 'stations'))
  const refused = tooManyForFiles(people, stations, 1)
  if (refused) return refused
  const { one, other } = squarePair(stations)
  const paths = Array.from({ length: people }, (_, person) => {
    const square = person % 2 === 0 ? one : other
    const name = Math.floor(person / 2)
    // Seen from where everyone stands in the first turn: partners of the list begin together at their own station.
    const mine = square[0]![one[0]!.indexOf(name)]!
    return Array.from({ length: turns }, (_, turn) => one[0]![square[turn % stations]!.indexOf(mine)]!)
  })
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: true,
    say: 'Your card and the wall tell you where to go next: a new station and a new partner every turn.',
    guarantees: fileGuarantees(paths, stations),
  })
}
