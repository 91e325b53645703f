import type { Phase, Timeline } from '../../timeline/phase'
import { inMilliseconds, inSeconds, type Milliseconds } from '../../base/units'
import type { Command } from './events'
import type { Holder } from './holder'
import { canUndo } from './undo'
import { advance, phaseLength, phaseLimit, presentPhase, type Progress } from './progress'

export type RunStatus = 'ready' | 'countIn' | 'running' | 'held' | 'paused' | 'stopped' | 'finished'

/** What every screen shows of a run at one instant. */
export interface RunState {
  status: RunStatus
  sequence: number
  phase: Phase
  next?: Phase
  elapsed: Milliseconds
  /** The phase's length, and what is left of it, until it ends by itself. */
  length: Milliseconds
  remaining: Milliseconds
  countIn: Milliseconds
  /** Class time gone and left, as planned and stretched. */
  gone: Milliseconds
  left: Milliseconds
  /** When the class would end if nothing more happened and a pause ended now. */
  endsAt: Milliseconds
  holding: boolean
  /** After a stop: everyone is to leave the room. */
  clearing: boolean
  /** Before the start: each screen shows which it is, and whether it is ready. */
  checking: boolean
  /** As it is now, with what has been changed under way. */
  timeline: Timeline
  /** Which command can be taken back. */
  undoable?: Command['type'] | undefined
  /** The device that holds the controls. */
  holder?: Holder | undefined
  startedAt?: Milliseconds
  endedAt?: Milliseconds
}

/** So long each screen shows itself, when asked to. */
export const checkMs: Milliseconds = 15_000

export function stateAt(progress: Progress, now: Milliseconds): RunState {
  const here = advance(progress, now)
  const { timeline, phase: index, elapsed, countIn, holding, holder, sequence, startedAt, endedAt } = here
  const phase = presentPhase(here)
  const length = phaseLimit(here)
  const remaining = Math.max(0, length - elapsed)
  const finished = here.mode === 'finished'
  const after = here.amended
    ? inMilliseconds(here.amended.timeline.total - here.amended.timeline.phases[here.amended.phase]!.start)
    : inMilliseconds(timeline.total - phase.start - phase.seconds)
  const left = finished ? 0 : Math.max(0, phaseLength(here) - elapsed) + after
  return {
    status: statusOf(here, remaining),
    sequence,
    phase,
    next: here.amended ? here.amended.timeline.phases[here.amended.phase] : timeline.phases[index + 1],
    elapsed,
    length,
    remaining,
    countIn,
    gone: inMilliseconds(phase.start) + elapsed,
    left,
    endsAt: finished ? (endedAt ?? now) : now + countIn + left,
    holding,
    clearing: here.mode === 'stopped' && here.clearing === true,
    checking: here.mode === 'ready' && here.checkedAt !== undefined && now - here.checkedAt < checkMs,
    timeline,
    undoable: !finished && canUndo(here) ? here.undoable!.type : undefined,
    holder,
    startedAt,
    endedAt,
  }
}

function statusOf(progress: Progress, remaining: Milliseconds): RunStatus {
  if (progress.mode !== 'running') return progress.mode
  if (progress.countIn > 0) return 'countIn'
  return progress.holding && remaining === 0 ? 'held' : 'running'
}

/** Changes whenever what is on does, and not while it goes on: by it a change is told once. */
export const changeKey = ({ status, clearing, phase }: Pick<RunState, 'status' | 'clearing' | 'phase'>): string =>
  [status, clearing, phase.index, phase.repeat].join('/')

/** Whether the clock counts up: in a list that is not over before it is finished. */
export const countsUp = ({ status, phase }: Pick<RunState, 'status' | 'phase'>): boolean =>
  status !== 'countIn' && status !== 'finished' && phase.selfPaced?.open !== undefined

/** The digits to show: whole seconds, counting the one that is not over yet; of a clock that counts up, those that are. */
export function shownSeconds(state: RunState): number {
  if (countsUp(state)) return Math.floor(inSeconds(state.elapsed))
  return Math.ceil(inSeconds(state.status === 'countIn' ? state.countIn : state.remaining))
}
