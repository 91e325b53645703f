import { inMilliseconds, type Milliseconds } from '../../base/units'
import type { Command } from './events'
import { advance, isCountedInto, type Progress, type Tap } from './progress'
import { isOwnPace, type Phase } from '../../timeline/phase'

export type TapCommand = Extract<Command, { type: 'tap' | 'untap' }>

/** So long after the class has ended, what people did in it can still be put down. */
export const tapsAfterEndMs: Milliseconds = 15 * 60_000

/**
 * Whether a tap, or taking one away, means something now: in a part at one's own pace that is on or has been, until some time
 * after the class.
 */
export function canTap(progress: Progress, command: TapCommand): boolean {
  const { mode, at, endedAt = at, taps, phase, timeline } = progress
  if (mode === 'ready' || (mode === 'finished' && at - endedAt > tapsAfterEndMs)) return false
  if (command.type === 'untap') return taps.some((tap) => tap.id === command.tapId)
  const tapped = command.when?.phase ?? phase
  if (tapped === phase && isCountedInto(progress)) return false
  return tapped <= phase && isOwnPace(timeline.phases[tapped])
}

/** When a tap that is made now counts for: where the list is, or its end, once it is over. */
export function tapWhen(
  progress: Progress,
  list: Pick<Phase, 'index' | 'seconds'>,
  now: Milliseconds,
): { phase: number; elapsed: Milliseconds } {
  const { phase, elapsed } = advance(progress, now)
  return { phase: list.index, elapsed: Math.round(phase === list.index ? elapsed : inMilliseconds(list.seconds)) }
}

/** The taps with one more, or one less. What was tapped before the class got on counts for where it was then. */
export function tapsAfter(
  { taps, phase, elapsed }: Pick<Progress, 'taps' | 'phase' | 'elapsed'>,
  { id, at, command }: { id: string; at: Milliseconds; command: TapCommand },
): Tap[] {
  if (command.type === 'untap') return taps.filter((tap) => tap.id !== command.tapId)
  const { personIds, what, when = { phase, elapsed } } = command
  return [
    ...taps,
    { id, personIds, what, at, phase: when.phase, elapsed: when.phase === phase ? Math.min(when.elapsed, elapsed) : when.elapsed },
  ]
}

/**
 * The taps as they will be once those that are still on their way have arrived: where the class is by then is not known, and does
 * not matter to them.
 */
export function tapsWith(progress: Progress, onTheWay: readonly { id: string; command: TapCommand }[]): Tap[] {
  const unknown = { phase: progress.phase, elapsed: Infinity, at: progress.at }
  return onTheWay
    .filter(({ id }) => !progress.taps.some((tap) => tap.id === id))
    .reduce((taps, tap) => tapsAfter({ ...unknown, taps }, { ...unknown, ...tap }), progress.taps)
}
