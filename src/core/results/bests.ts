import { groupBy } from 'es-toolkit'
import { betterOf } from './rank'
import type { Earlier } from './run-results'
import { fingerprintText } from './task'

/** What somebody did of one task in one way, over time. */
export interface BestOf {
  name: string
  measure: string
  lines: string[]
  option: string
  standard: string
  scaled: boolean
  best: Earlier
  last: Earlier
  times: number
  /** The latest last, no more than `pointsShown`. */
  points: Earlier[]
}

/** So many of the last are drawn. */
const pointsShown = 24

/** Somebody's results by what can be compared, the latest done first. `results`: the latest first. */
export function bestsOf(results: readonly (Earlier & { name: string })[]): BestOf[] {
  const groups = groupBy(results, ({ task, option, standard, scaled }) => [fingerprintText(task), option, standard, scaled].join('\n'))
  return Object.values(groups).map((same) => {
    const last = same[0]!
    const { name, task, option, standard, scaled } = last
    return {
      ...{ name, measure: task.measure, lines: task.lines, option, standard, scaled },
      best: same.reduce((found, one) => (betterOf(one.outcome, found.outcome) < 0 ? one : found)),
      last,
      times: same.length,
      points: same.slice(0, pointsShown).reverse(),
    }
  })
}
