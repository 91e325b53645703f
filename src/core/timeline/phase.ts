import type { Pause } from '../plan/plan'
import type { Seconds } from '../base/units'
import type { Estimate } from '../pace/pace'

export type PhaseKind = 'work' | 'transition' | 'rest' | 'pause' | 'unplanned'

/** Where in the plan a phase stands. All counts are from 0; what does not apply is absent. */
export interface Place {
  partId: string
  pieceId: string
  repeat: number
  optional: boolean
  lap?: number
  /** The stay, counted through the circuit from its first lap. */
  turn?: number
  set?: number
  position?: number
  /** Of a ladder that the room climbs together. */
  rung?: number
  /** The station that everyone does, when the circuit is done together. */
  station?: number
  /** Which share of the class is at the stations, when it works in waves. */
  wave?: 0 | 1
}

/** A stretch of the class with one thing to do. `moves`: somebody has to be elsewhere when it ends. */
export interface Phase extends Place {
  index: number
  start: Seconds
  seconds: Seconds
  kind: PhaseKind
  pause?: Pause['kind']
  moves: boolean
  /** For an interval of one side only: 0 the first side, 1 the second. */
  side?: 0 | 1
  /**
   * Set when people work through a list at their own pace; `open` when it ends with the last of them, so that its length is an
   * estimate, or at its cap at the latest.
   */
  selfPaced?: { open?: Estimate; capSeconds?: Seconds }
  /** Of each exercise of the rung. */
  reps?: number
  /** Which partner works, when partners take turns by interval. */
  partner?: 0 | 1
  /** Seconds into the phase at which those whose exercise has two sides, or whose partner waits, change. */
  changeAt?: Seconds
}

/** Whether people go through it at their own pace, so that each has done so much of it: not where the room climbs a ladder together. */
export const isOwnPace = (phase: Phase | undefined): boolean => phase?.selfPaced !== undefined && phase.rung === undefined

export interface Timeline {
  phases: Phase[]
  /** What the waves that are not at the stations do meanwhile: beside the phases, in the same seconds of the class. */
  meanwhile: Phase[]
  /** Exact, unless a phase is open: then with its typical length. */
  total: Seconds
  /** The total for the quick, most people and the slow; absent when it is exact. */
  range?: Estimate
  /** The total when every optional part is left out. */
  totalWithoutOptional: Seconds
}
