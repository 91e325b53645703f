import { limits } from '../base/limits'
import { timesOf, type Draft, type Item } from './draft'
import type { Makings } from './makings'

/**
 * Rounds for time that share one cap, as one list: a list that is repeated would have its cap each time. Rounds of so many of
 * everything are rungs; others are written out, as far as a list can hold them. Beyond, and of nothing, the cap is refused.
 */
export function roundsInCap(draft: Draft, { refuse }: Makings): Draft {
  const times = timesOf(draft)
  const { cap, goal, rungs, items, opener, between } = draft
  if (times === 1 || cap === undefined || goal !== 'time' || rungs || between) return draft
  const done = items.filter(({ empty }) => !empty)
  const each = countOfAll(done)
  if (each !== undefined && times <= limits.sets && opener === undefined)
    return { ...draft, laps: 1, rungs: Array<number>(times).fill(each) }
  if (done.length > 0 && times * done.length <= limits.positions && opener === undefined)
    return { ...draft, laps: 1, items: Array.from({ length: times }, () => done).flat() }
  const { cap: _, places, ...rest } = draft
  const { cap: place, ...others } = places
  if (place) refuse(place, done.length === 0 ? 'nothing is done within it yet' : 'so many rounds have no cap together')
  return { ...rest, places: others }
}

/** How many reps everything has, where that is one number of them and nothing else. */
function countOfAll(items: readonly Item[]): number | undefined {
  const counts = new Set(items.map(({ reps }) => (reps && reps.most === undefined && !reps.open ? reps.count : undefined)))
  const [count] = counts
  return counts.size === 1 ? count : undefined
}
