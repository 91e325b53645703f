import { countsUp, shownSeconds, type RunState } from '@core/run/clock/state'
import { formatSeconds } from '@core/base/units'

/** Seconds alone up to a minute, minutes and seconds above; a clock that counts up shows its minutes from the first. */
export function digitsOf(state: RunState): string {
  const seconds = shownSeconds(state)
  return seconds < 60 && !countsUp(state) ? String(seconds) : formatSeconds(seconds)
}
