import { failure, problem, success, type Result } from '../base/result'
import { assess, coverageWords, meetingWords } from './assess'
import type { Guarantee, Rotation } from './rotation'
import { tableOf } from './table'

/** The two files of a class: everyone at an even place of the list is of the first, the others of the second, so that pairs are split. */
export function filesOf(people: number): { first: number[]; second: number[] } {
  const all = Array.from({ length: people }, (_, index) => index)
  return { first: all.filter((index) => index % 2 === 0), second: all.filter((index) => index % 2 === 1) }
}

/** Refuses more people than two files have places for; several pairs may share a station. */
export const tooManyForFiles = (people: number, stations: number, most: number): Result<never> | undefined =>
  people > 2 * stations * most
    ? failure(
        problem(
          'tooManyPeople',
          `${people} people for ${stations} stations of ${2 * most}: not everyone has a place. Add stations, or work in waves.`,
          'people',
        ),
      )
    : undefined

/** The words every rule of two files says of what it gives. */
export function fileGuarantees(paths: number[][], stations: number): Guarantee[] {
  if (paths.length === 0) return []
  const { first, second } = filesOf(paths.length)
  const found = assess(paths, stations)
  return [
    meetingWords(found, first, second),
    coverageWords(found, first, 'Everyone of the first file'),
    ...(second.length > 0 ? [coverageWords(found, second, 'Everyone of the second file')] : []),
    ...(found.alone > 0
      ? [
          {
            met: false,
            text: `${found.alone} ${found.alone === 1 ? 'time' : 'times'} somebody is at a station without a partner: the coach or a demonstrator steps in.`,
          },
        ]
      : []),
  ]
}

/**
 * One file moves up, the other down: a new partner every turn. With an odd number of stations, in as many turns everybody of one
 * file meets everybody of the other once, each at every station once. With an even number they would meet only half, twice: so the
 * second file takes an extra step each half lap (an old device of duplicate tournament movements), meets everybody, and misses and
 * repeats a station in each lap, never the same for two laps.
 */
export function twoFiles(stations: number, people: number, turns: number, skip = stations % 2 === 0): Result<Rotation> {
  const most = Math.max(1, Math.ceil(people / (2 * stations)))
  const refused = tooManyForFiles(people, stations, 50)
  if (refused) return refused
  const half = stations / 2
  const extra = (turn: number) => (skip && stations % 2 === 0 ? Math.floor(turn / half) : 0)
  const at = (value: number) => ((value % stations) + stations) % stations
  const paths = Array.from({ length: people }, (_, person) => {
    const start = Math.floor(person / 2)
    return Array.from({ length: turns }, (_, turn) => (person % 2 === 0 ? at(start + turn) : at(start - turn - extra(turn))))
  })
  const step =
    skip && stations % 2 === 0 && turns > half
      ? ` After ${half} turns the second file goes one station further, once${turns > stations ? ', and again each half lap' : ''}.`
      : ''
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: true,
    say: `First partner: one station up. Second partner: one station down.${step}`,
    guarantees: [...fileGuarantees(paths, stations), ...(most > 1 ? [{ met: true, text: `${most} pairs share a station.` }] : [])],
  })
}
