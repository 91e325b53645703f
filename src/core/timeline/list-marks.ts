import type { Task, Use } from '../plan/plan'
import type { Seconds } from '../base/units'
import { finishSeconds, listPlaceAt, type End, type ListPlace, type Paces } from '../pace/pace'

/** From which second on somebody is probably at which place of a list. */
export type ListMark = ListPlace & { from: Seconds }

/** For the quick, most people and the slow. */
export type ListMarks = Record<End, ListMark[]>

const step: Seconds = 5

/** Where people probably are, all through a list: every change of place, to five seconds; at most an hour of it. */
export function listMarks(stay: Task, uses: readonly Use[], paces: Paces): ListMarks {
  const until = Math.min(3600, stay.capSeconds ?? finishSeconds(stay, uses, paces).high)
  const marks: ListMarks = { low: [], typical: [], high: [] }
  for (let second = 0; second <= until; second += step) {
    const places = listPlaceAt(second, stay, uses, paces)
    for (const end of ['low', 'typical', 'high'] as const) {
      const last = marks[end].at(-1)
      const place = places[end]
      if (!last || last.round !== place.round || last.item !== place.item || last.done !== place.done)
        marks[end].push({ from: second, ...place })
    }
  }
  return marks
}
