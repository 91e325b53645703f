import { andList } from '../../base/and-list'
import type { Phase } from '../../timeline/phase'
import { inSeconds, type Milliseconds } from '../../base/units'
import type { CircuitView, ExerciseView, StationView } from '../room/snapshot'

export const halfNames = ['first side', 'second side'] as const

/** The exercise of a station in a work: of its position, or the only one. */
export const exerciseAt = (station: StationView | undefined, work: Phase): ExerciseView | undefined =>
  station?.exercises[work.position ?? 0] ?? station?.exercises[0]

/** Where in a work sides change, if this exercise is split there: where partners have half each, the half is theirs. */
const sideChange = (exercise: ExerciseView | undefined, work: Phase, { pairs }: Pick<CircuitView, 'pairs'>) =>
  exercise?.sides === 'half' && pairs !== 'halfEach' ? work.changeAt : undefined

/** The stations (from 0) whose sides change inside a work. */
export const stationsThatChange = (circuit: Pick<CircuitView, 'pairs' | 'stations'>, work: Phase): number[] =>
  circuit.stations.flatMap((station, index) =>
    !station.rest && sideChange(exerciseAt(station, work), work, circuit) !== undefined ? [index] : [],
  )

/** Stations (from 0) by the numbers that stand on them. */
export const stationsWord = (stations: readonly number[]): string =>
  `${stations.length === 1 ? 'Station' : 'Stations'} ${andList(stations.map((station) => String(station + 1)))}`

/** The side of an exercise that has an interval for each where people move on: it alternates from set to set, and from lap to lap. */
export const intervalSide = (work: Phase): string => halfNames[((work.set ?? 0) + (work.lap ?? 0)) % 2]!

/** The side that is worked, `elapsed` into a work, and in how many seconds it changes; nothing where both are worked at once. */
export function sideNow(
  exercise: ExerciseView | undefined,
  work: Phase,
  circuit: Pick<CircuitView, 'pairs' | 'rotates'>,
  elapsed: Milliseconds,
): string | undefined {
  if (work.side !== undefined) return halfNames[work.side]
  if (exercise?.sides === 'byLap') return halfNames[(work.lap ?? 0) % 2]
  if (exercise?.sides === 'ownInterval' && circuit.rotates) return intervalSide(work)
  const changeAt = sideChange(exercise, work, circuit)
  if (changeAt === undefined) return undefined
  const toGo = Math.ceil(changeAt - inSeconds(elapsed))
  return toGo > 0 ? `${halfNames[0]}, change in ${toGo}` : halfNames[1]
}
