import { readDose, readReps, readTempo, showDose, showReps, showTempo } from '@core/plan/words/notation'
import type { Sides, Use } from '@core/plan/plan'
import type { Notation } from '../../../kit/notation'

export type Reps = NonNullable<Use['reps']>
export type TempoOf = NonNullable<Use['tempo']>

/** How the choices of a use are called in the inspector. */
export const countedNames: Record<Reps['counted'], string> = {
  total: 'in total',
  eachSide: 'each side',
  thereAndBack: 'there and back is one',
  twoCountsOne: 'two counts make one',
}
export const sideNames: Record<Sides, string> = {
  none: 'no change of sides',
  half: 'change at the half',
  byLap: 'a side each lap',
  ownInterval: 'an interval each',
}

export const tempoNotation: Notation<TempoOf['figures']> = {
  show: showTempo,
  read: readTempo,
  allowed: 'Four figures: lower-hold-raise-hold, such as 4-2-1-0',
}

export const repsNotation: Notation<Omit<Reps, 'counted'>> = { show: showReps, read: readReps, allowed: 'Such as 12, 8–10, or max 12–18' }

export const doseNotation: Notation<NonNullable<NonNullable<Use['dose']>['newcomer']>> = {
  show: showDose,
  read: readDose,
  allowed: 'Such as 6, 20 s, 3 rounds, 2 laps, rest 15 s',
}

export const choicesOf = (names: Record<string, string>) => Object.entries(names).map(([value, label]) => ({ value, label }))
