import { failure, problem, success, type Result } from '../base/result'
import { assess, coverageWords } from './assess'
import type { Rotation } from './rotation'
import { sharingWords } from './loop'
import { tableOf } from './table'

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))

/** Steps by which a loop of `stations` reaches all of them: those without a common divisor. */
export const reachingSteps = (stations: number): number[] =>
  Array.from({ length: stations - 1 }, (_, index) => index + 1).filter((step) => divisor(step, stations) === 1)

/**
 * Every group moves `step` stations on, so that those next to each other in the room are not next to each other in the sequence.
 * Fails with `stepShares` when the step and the number of stations have a common divisor: then some stations are never reached.
 */
export function loopByK(stations: number, groups: number, turns: number, step: number): Result<Rotation> {
  const shared = divisor(step, stations)
  if (shared > 1) {
    const reach = stations / shared
    const better = reachingSteps(stations).sort((a, b) => Math.abs(a - step) - Math.abs(b - step))[0]!
    return failure(
      problem(
        'stepShares',
        `Moving ${step} on round ${stations} stations comes to ${reach} of them only. Move ${better} on instead.`,
        'step',
      ),
    )
  }
  const paths = Array.from({ length: groups }, (_, group) => Array.from({ length: turns }, (_, turn) => (group + step * turn) % stations))
  const units = paths.map((_, unit) => unit)
  return success({
    turns: tableOf(paths, stations, turns),
    paths,
    mixes: false,
    say:
      step === 1
        ? `Move on to the next station; ${stations} goes round to 1.`
        : `Stay with your group and move ${step} stations on; after ${stations} comes 1.`,
    guarantees: [
      { met: true, text: 'Groups stay together all the way round.' },
      ...(groups > 0 ? [coverageWords(assess(paths, stations), units, 'Every group')] : []),
      ...sharingWords(groups, stations, 'station'),
    ],
  })
}
