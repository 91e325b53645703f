import { failure, problem, success, type Result } from '../../base/result'
import type { Milliseconds } from '../../base/units'
import type { AskedCommand, Command } from '../clock/events'
import { oneLapFewer, waysToEndBy, type WayToEnd } from './finish-by'
import type { Progress } from '../clock/progress'
import type { RunSnapshot } from '../room/snapshot'
import { closers } from './time-left'

/** All ways to end by a deadline, or to fill the time until it; and one lap fewer, last. */
export function waysBy(snapshot: RunSnapshot, progress: Progress, now: Milliseconds, deadline: Milliseconds): WayToEnd[] {
  const ways = [...waysToEndBy(snapshot, progress, now, deadline), ...closers(snapshot, progress, now, deadline)]
  // It can be asked for outright, where the time does not suggest it.
  return ways.some(({ id }) => id.split('+').some((step) => step.startsWith('lap')))
    ? ways
    : [...ways, ...oneLapFewer(snapshot, progress, now)]
}

/** The request that takes a way which was shown for `deadline` at the time `now`. */
export const askFor = ({ id, phase }: WayToEnd, now: Milliseconds, deadline: Milliseconds): AskedCommand => ({
  type: 'amend',
  way: id,
  phase,
  now,
  deadline,
})

/**
 * What was asked for as the command that happens: a change of the timeline is made here, from the run as it is, and never taken
 * from a screen. Fails with `notNow` when the way that was shown is no longer available.
 */
export function commandFor(asked: AskedCommand, snapshot: RunSnapshot, progress: Progress): Result<Command> {
  if (asked.type !== 'amend') return success(asked)
  const { way, phase, now, deadline } = asked
  const found = waysBy(snapshot, progress, now, deadline).find((wayToEnd) => wayToEnd.id === way && wayToEnd.phase === phase)
  return found
    ? success({ type: 'amend', timeline: found.timeline, phase })
    : failure(problem('notNow', 'The class has gone on to its next part meanwhile. Look at the ways again.'))
}
