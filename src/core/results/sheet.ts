import type { WeightUnit } from '../library/weight'
import type { Measure, Outcome } from './outcome'
import type { ShownResult } from './run-results'

/** Where in a run a result can be put down, and in what. */
export interface ResultPlace {
  /** The same in every run of the same class: of a list, of an exercise at a station; empty for the whole class. */
  place: string
  measure: Measure
  name: string
}

/** A line of what was put down at a place of a run. */
export interface HistoryLine {
  id: string
  place: string
  measure: Measure
  personId: string
  outcome: Outcome | null
  by: string
  at: string
}

/** What has been put down and tapped in a run, for everyone at every place, and what can be. */
export interface ResultsSheet {
  places: ResultPlace[]
  people: { id: string; name: string; offBoards: boolean }[]
  /** Groups of more than one, by their ids. */
  groups: string[][]
  results: ShownResult[]
  /** What each group did together, by place and measure: where it can be added up. */
  totals: { place: string; measure: Measure; words: string[] }[]
  history: HistoryLine[]
  unit: WeightUnit
  scores: boolean
}
