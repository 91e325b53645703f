import type { Phase, Timeline } from '../../timeline/phase'
import type { RunSnapshot } from './snapshot'
import type { RunState } from '../clock/state'

/** The work that is on, or that the class comes to next. */
export const comingWork = (snapshot: RunSnapshot, state: RunState): Phase | undefined =>
  state.phase.kind === 'work' ? state.phase : snapshot.timeline.phases.slice(state.phase.index).find((phase) => phase.kind === 'work')

/** Whether a work has not begun: the class is in the break before it, or counts in to its first second. */
export const isAhead = (state: RunState, work: Phase): boolean =>
  work !== state.phase || state.status === 'ready' || (state.status === 'countIn' && state.elapsed === 0)

/**
 * The work before `work` whose stations people still stand at when it comes: of the same circuit, in the same repeat of its part.
 * Whoever has the same station in both stays where they are.
 */
export function workBefore(snapshot: RunSnapshot, work: Phase): Phase | undefined {
  const before = snapshot.timeline.phases.slice(0, work.index).findLast((phase) => phase.kind === 'work')
  return before?.pieceId === work.pieceId && before.repeat === work.repeat ? before : undefined
}

/** The work that begins as this one ends, without a break: something else than it, or the other side of it. */
export function followsAtOnce({ phases }: Timeline, phase: Phase): Phase | undefined {
  const next = phases[phase.index + 1]
  return phase.kind === 'work' && next?.kind === 'work' ? next : undefined
}
