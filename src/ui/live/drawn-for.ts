import type { Milliseconds } from '@core/base/units'
import { changeKey, type RunState } from '@core/run/clock/state'

/**
 * What a screen is drawn anew for: while nothing goes on, only the time of day; else all that moves. Where motion is not wanted the
 * figures change by the second all the same, and what falls or fills does so in quarters of one.
 */
export function drawnFor(state: RunState, now: Milliseconds, still: boolean): string {
  if (state.status !== 'running' && state.status !== 'countIn') return `${changeKey(state)}/${Math.floor(now / 1000)}`
  if (!still) return `${now}`
  const { remaining, countIn, elapsed } = state
  return [changeKey(state), Math.ceil(remaining / 1000), Math.ceil(countIn / 1000), Math.floor(elapsed / 250)].join('/')
}
