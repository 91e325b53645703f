import type { Person } from '../library/person'
import type { WeightUnit } from '../library/weight'
import type { LoadOverTime } from './load-over-time'

/** How often somebody had something. */
export interface Had {
  name: string
  times: number
}

/** A task somebody has done, as their page shows it. */
export interface ShownBest {
  name: string
  measure: string
  lines: string[]
  /** What they do otherwise, to which standard; empty, as everyone. */
  how: string
  best: { words: string; at: string }
  last: { words: string; at: string }
  times: number
  /** For a line: of a time seconds, of a load what the hall reads, else rounds or reps. */
  points: { at: string; figure: number; words: string }[]
}

/** What the hall knows of how somebody comes and gets on. */
export interface PersonTold {
  person: Pick<Person, 'id' | 'name' | 'level'> & { offBoards: boolean }
  /** The last of them first; of the rest only how many. */
  attended: { runId: string; className: string; at: string; day: string; minutes: number; effort?: number }[]
  attendedInAll: number
  /** Days on which they came, in the last half year. */
  days: string[]
  today: string
  load: LoadOverTime
  bests: ShownBest[]
  exercises: Had[]
  partners: Had[]
  limits: { at: string; goEasy: string[] }[]
  unit: WeightUnit
}
