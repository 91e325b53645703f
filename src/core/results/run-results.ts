import { groupBy } from 'es-toolkit'
import { besideBefore, placed, type Done } from './compare'
import type { Measure, Outcome } from './outcome'
import { outcomeWords, tenthsWords, valueWords } from './words'
import { differenceWords } from './rank'
import { whatDiffers } from './task'
import { teamTotals } from './totals'
import type { WeightUnit } from '../library/weight'

/** What counts of somebody at a place of a run, as it is kept. */
export interface Kept extends Done {
  place: string
  measure: Measure
  outcome: Outcome
  entry: string
  splits: readonly number[]
  isEntered: boolean
}

/** One of before: of which day. */
export interface Earlier extends Done {
  at: string
}

/** A result with what it is compared with, in words. */
export interface ShownResult {
  place: string
  measure: Measure
  personId: string
  outcome: Outcome
  words: string
  isEntered: boolean
  /** Tapped rounds: how long each took; the last against the first. */
  splits: string[]
  firstToLast?: string
  /** Where the same was done before in the same class: against the first time. */
  toFirstTime?: string
  rank?: number
  toFirst?: string
  last?: { words: string; at: string; by: string }
  best?: { words: string; at: string; by: string }
  isBest?: true
  /** What stands in the way of a comparison: with the others', or with their own of before. */
  differs: string[]
  differsFromBefore: string[]
}

interface Compared {
  kept: readonly Kept[]
  /** Of a person and a place, the latest first. */
  before: (one: Kept) => readonly Earlier[]
  /** Whether the class compares people with each other, and who stays out of it. */
  board: boolean
  offBoards: ReadonlySet<string>
  unit: WeightUnit
}

/** All results of a run beside each other and beside those of before, place by place in the order given. */
export function shownResults({ kept, before, board, offBoards, unit }: Compared): ShownResult[] {
  const places = groupBy(kept, ({ place, measure }) => `${place} ${measure}`)
  return Object.values(places).flatMap((there) => {
    const onBoard = there.filter(({ personId }) => board && !offBoards.has(personId))
    const ranks = placed(onBoard, unit)
    return there.map((one) => {
      const { rank, toFirst, differs = [] } = ranks[onBoard.indexOf(one)] ?? {}
      const { last, toLast = '', best, toBest = '', isBest, differs: differsFromBefore } = besideBefore(one, before(one), unit)
      const then = (earlier: Earlier, by: string) => ({ words: outcomeWords(earlier.outcome, unit), at: earlier.at, by })
      return {
        place: one.place,
        measure: one.measure,
        personId: one.personId,
        outcome: one.outcome,
        words: outcomeWords(one.outcome, unit),
        isEntered: one.isEntered,
        splits: one.splits.map(tenthsWords),
        ...(one.splits.length > 1 && { firstToLast: between(one.splits[0]!, one.splits.at(-1)!) }),
        ...againstFirstTime(one, kept, unit),
        ...(rank !== undefined && { rank }),
        ...(toFirst && { toFirst }),
        ...(last && { last: then(last, toLast) }),
        ...(best && { best: then(best, toBest) }),
        ...(isBest && { isBest: true as const }),
        differs,
        differsFromBefore,
      }
    })
  })
}

/** Of a list that a class does more than once: against the first time that somebody did it in this class. */
function againstFirstTime(one: Kept, kept: readonly Kept[], unit: WeightUnit): Pick<ShownResult, 'toFirstTime'> {
  const [piece] = one.place.split('/')
  const same = kept.filter(
    (other) =>
      other.personId === one.personId &&
      other.measure === one.measure &&
      other.place.split('/')[0] === piece &&
      whatDiffers(one, other).length === 0,
  )
  const first = same.toSorted((a, b) => a.place.localeCompare(b.place, 'en', { numeric: true }))[0]
  return !first || first.place === one.place ? {} : { toFirstTime: differenceWords(one.outcome, first.outcome, unit) }
}

const between = (first: number, last: number): string =>
  differenceWords({ value: { measure: 'time', tenths: last } }, { value: { measure: 'time', tenths: first } })

/** What each team did together at a place, in words; empty where that cannot be said. */
export const teamWords = (teams: readonly (readonly string[])[], there: readonly Kept[], unit: WeightUnit): string[] =>
  teamTotals(teams, there).map((total) => (total ? valueWords(total, unit) : ''))
