import type { Seconds } from '../base/units'
import type { Phase, Timeline } from './phase'

/**
 * The phase that holds at `second` (its start belongs to it, its end to the next), by binary search. `undefined` before 0 and from
 * the total on.
 */
export function phaseAt(timeline: Timeline, second: Seconds): Phase | undefined {
  if (second < 0 || second >= timeline.total) return undefined
  let low = 0
  let high = timeline.phases.length - 1
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (timeline.phases[middle]!.start <= second) low = middle
    else high = middle - 1
  }
  return timeline.phases[low]
}
