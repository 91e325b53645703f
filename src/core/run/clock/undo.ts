import { pick } from 'es-toolkit'
import { inMilliseconds, type Milliseconds } from '../../base/units'
import type { Command } from './events'
import { phaseLimit, presentPhase, restorable, type Progress, type Restorable } from './progress'

/** So long after it a command can be taken back; later the class has gone on from there. */
export const undoMs: Milliseconds = 30_000

/** What is taken back by putting the run where it stood; what by undoing the one thing while time goes on. */
const places = new Set<Command['type']>(['pause', 'resume', 'skip', 'back', 'repeat', 'goto'])
const figures = new Set<Command['type']>(['hold', 'release', 'extend', 'amend'])

/** Starting, ending and stopping are not taken back: the room has heard them. */
export const isUndoable = (type: Command['type']): boolean => places.has(type) || figures.has(type)

export const restorableOf = (progress: Progress): Restorable => ({
  ...pick(progress, restorable),
  // What was absent is so again.
  amended: progress.amended,
  startedAt: progress.startedAt,
})

/** Whether the last command can still be taken back. */
export function canUndo({ undoable, at, mode, phase, timeline }: Progress): boolean {
  if (!undoable || at - undoable.at > undoMs) return false
  if (places.has(undoable.type)) return mode !== 'stopped'
  // Its phase is over: it has had its effect.
  return mode === 'ready' || (undoable.before.phase === phase && undoable.before.timeline === timeline)
}

/** A phase made longer, or shorter: it cannot be made to have ended already. Both sides have half of it, if the first is not over. */
export function stretchedBy(progress: Progress, by: Milliseconds): Pick<Progress, 'extra' | 'changePutOff'> {
  const { extra, changePutOff, elapsed } = progress
  const more = Math.max(by, elapsed - phaseLimit(progress))
  const { changeAt } = presentPhase(progress)
  if (changeAt === undefined || elapsed >= inMilliseconds(changeAt)) return { extra: extra + more, changePutOff }
  return { extra: extra + more, changePutOff: changePutOff + Math.max(Math.round(more / 2), elapsed - inMilliseconds(changeAt)) }
}

/** What taking the last command back changes. */
export function undone(progress: Progress): Partial<Progress> {
  const { undoable, mode } = progress
  const { type, before } = undoable!
  if (places.has(type)) return before
  switch (type) {
    case 'extend':
      return stretchedBy(progress, before.extra - progress.extra)
    case 'amend':
      return mode === 'ready' ? { timeline: before.timeline } : { amended: before.amended }
    default:
      return { holding: before.holding }
  }
}
