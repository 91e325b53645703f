import type { Circuit, Station, Use, Variation, VariationRule } from '../plan/plan'
import type { InText } from './heard'
import type { Path } from './phrase'

type Reps = NonNullable<Use['reps']>

/** An exercise as a text names it, with what it says of it. */
export interface Item {
  exerciseId: string
  optionId?: string
  reps?: Omit<Reps, 'counted'>
  counted?: Reps['counted']
  seconds?: number
  load?: Use['load']
  tempo?: Use['tempo']
  sides?: Use['sides']
  effort?: string
  machine?: string
  note?: string
  cycle?: NonNullable<Use['inner']>['cycle']
  aimCycles?: number
  dose?: Use['dose']
  alternatives?: NonNullable<Use['alternatives']>
  /** How long it takes, in a stay that says how long that is itself. */
  takes?: number
  /** How many, the rungs say. */
  byRungs?: true
  rest?: true
  /** A place that nothing is said of yet. */
  empty?: true
  /** What is said of its place. */
  place?: Place
  /** Where its time and its way of counting stand: not every circuit can hold them. */
  at?: Partial<Record<'seconds' | 'counted', InText>>
  /** It is done at the place of the one before it: after a "+", or under the same station. */
  joins: boolean
}

/** What a text says of a station. */
export interface Place extends Partial<Pick<Station, 'name' | 'skipLaps' | 'spotId' | 'capacity'>> {
  span?: number
  /** Its own stay. */
  own?: Draft
}

/** What differs at one lap or time (from 0), by the way to it. */
export interface Differs {
  path: Path
  at: number
  field: Variation['field']
  value: unknown
  place: InText
}

/** A rule by which something differs. */
export type DiffersBy = { path: Path; rule: DistributiveOmit<VariationRule, 'id'>; place: InText }
type DistributiveOmit<Of, Key extends PropertyKey> = Of extends unknown ? Omit<Of, Key> : never

/** What a text has said of a circuit so far, in whatever order. */
export interface Draft {
  name?: string
  together?: boolean
  stations?: number
  exercises?: number
  /** How many exercises there are at each station. */
  perPlace?: number
  work?: number[]
  /** It was said as a time alone, of whatever follows. */
  lone?: true
  off?: { seconds: number; moves?: true; active?: true }
  laps?: number
  turns?: number
  between?: number
  betweenExercises?: number
  gap?: number
  sets?: number
  after?: number
  goal?: 'rounds' | 'time'
  cap?: number
  aim?: number
  opener?: number
  rungs?: number[]
  rungRest?: number
  rungTime?: number
  led?: boolean
  lists?: boolean
  window?: number
  pairs?: Circuit['pairs']
  lastGap?: boolean
  explained?: boolean
  told?: string
  /** How people go from place to place. */
  way?: string
  /** Laps of the circuit, where a list could have times of its part. */
  inLaps?: boolean
  differs?: Differs[]
  differsBy?: DiffersBy[]
  /** What the wave that waits does. */
  meanwhile?: Draft
  /** Each side of each exercise has an interval of its own. */
  eachSide?: boolean
  /** How long all of it is, where a heading says so. */
  total?: number
  /** So many times so long: of so many exercises, or so often of those there are. */
  countedTimes?: number
  items: Item[]
  /** Where its figures stand, by what they say. */
  places: Partial<Record<keyof Draft, InText>>
}

export const emptyDraft = (): Draft => ({ items: [], places: {} })

/** Whether people move from place to place. */
export const rotates = (draft: Draft): boolean => {
  const { together, stations, off, pairs } = draft
  return !together && (stations !== undefined || off?.moves === true || (pairs !== undefined && !isList(draft)))
}

/** Whether people work through a list: it says so, or gives figures to do and no time to do them in. */
export function isList({ goal, rungs, lists, work, lone, cap, items }: Draft): boolean {
  if (goal || rungs || lists || cap !== undefined) return true
  // So long nobody does one thing: it is for all that follows.
  const forAll = work === undefined || (lone && work[0]! >= 300)
  return Boolean(forAll) && items.some(({ reps, rest }) => reps !== undefined && !rest)
}

/** How often a list that all go through is repeated: it has no laps, its part has times. */
export const timesOf = (draft: Draft): number => (isList(draft) && !rotates(draft) && !draft.inLaps ? (draft.laps ?? 1) : 1)

/** How many places a circuit has so far. */
export const placesOf = ({ items }: Draft): number => items.filter(({ joins }) => !joins).length
