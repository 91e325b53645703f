import type { Milliseconds } from '../../base/units'
import type { Command } from './events'
import { limitOf, type Progress, type Restorable } from './progress'

/** So long after it a command can be taken back; later the class has gone on from there. */
export const undoMs: Milliseconds = 30_000

/** What is taken back by putting the run where it stood; what by undoing the one thing while time goes on. */
const places = new Set<Command['type']>(['pause', 'resume', 'skip', 'back', 'repeat', 'goto'])
const figures = new Set<Command['type']>(['hold', 'release', 'extend', 'amend'])

/** Starting, ending and stopping are not taken back: the room has heard them. */
export const isUndoable = (type: Command['type']): boolean => places.has(type) || figures.has(type)

export const restorableOf = ({ timeline, mode, countIn, phase, elapsed, extra, holding, amended, startedAt }: Progress): Restorable => ({
  timeline,
  mode,
  countIn,
  phase,
  elapsed,
  extra,
  holding,
  amended,
  startedAt,
})

/** Whether the last command can still be taken back. */
export function canUndo({ undoable, at, mode, phase, timeline }: Progress): boolean {
  if (!undoable || at - undoable.at > undoMs) return false
  if (places.has(undoable.type)) return mode !== 'stopped'
  // Its phase is over: it has had its effect.
  return mode === 'ready' || (undoable.before.phase === phase && undoable.before.timeline === timeline)
}

/** What taking the last command back changes. */
export function undone({ undoable, elapsed, timeline, phase, mode }: Progress): Partial<Progress> {
  const { type, before } = undoable!
  if (places.has(type)) return before
  switch (type) {
    case 'extend':
      return { extra: Math.max(before.extra, elapsed - limitOf(timeline.phases[phase]!)) }
    case 'amend':
      return mode === 'ready' ? { timeline: before.timeline } : { amended: before.amended }
    default:
      return { holding: before.holding }
  }
}
