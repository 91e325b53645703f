import type { Seconds } from '../../base/units'
import { emptyStation } from './simple'
import type { Circuit, Intervals, Part, Station, Stay } from '../plan'

export type NewId = () => string

/** Parts and circuits with everything at its plainest, to be changed by `more`. */

export const plainPart = (newId: NewId, pieces: Part['pieces'], more: Partial<Part> = {}): Part => ({
  id: newId(),
  pieces,
  repeat: 1,
  restBetweenSeconds: 0,
  optional: false,
  vary: [],
  ...more,
})

export const intervals = (workSeconds: Seconds[], more: Partial<Intervals> = {}): Intervals => ({
  kind: 'intervals',
  workSeconds,
  gapSeconds: 0,
  sets: 1,
  setRestSeconds: 0,
  ...more,
})

/** Everyone together down the stations once, without a break. */
export const plainCircuit = (newId: NewId, name: string, stations: Station[], stay: Stay, more: Partial<Circuit> = {}): Circuit => ({
  id: newId(),
  type: 'circuit',
  name,
  travel: 'together',
  stations,
  laps: 1,
  lapRestSeconds: 0,
  transition: { seconds: 0, how: 'walk' },
  stay,
  pairs: 'both',
  lastGap: 'keep',
  vary: [],
  ...more,
})

export const emptyStations = (newId: NewId, count: number): Station[] => Array.from({ length: count }, () => emptyStation(newId()))

/** Everyone moves on together, `laps` times round. */
export const rotate = (seconds: Seconds, laps: number, lapRestSeconds: Seconds = 0): Partial<Circuit> => ({
  travel: 'rotate',
  laps,
  lapRestSeconds,
  transition: { seconds, how: 'walk' },
})

/** Everyone rests between, `laps` times down the list. */
export const rest = (seconds: Seconds, laps: number, lapRestSeconds: Seconds = 0): Partial<Circuit> => ({
  laps,
  lapRestSeconds,
  transition: { seconds, how: 'walk' },
})
