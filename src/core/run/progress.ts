import { phaseAt } from '../timeline/at'
import type { Timeline } from '../timeline/phase'
import type { Milliseconds } from '../units'
import type { Command, RunEvent } from './events'

export const countInMs: Milliseconds = 10_000
/** Within this time of a phase's start, "back" means the phase before. */
export const backMs: Milliseconds = 2_000

/**
 * Where a run stood at the instant `at`. Together with the time that has passed since, it tells where the run stands;
 * events only ever replace it. All lengths are milliseconds.
 */
export interface Progress {
  timeline: Timeline
  mode: 'ready' | 'running' | 'paused' | 'stopped' | 'finished'
  at: Milliseconds
  sequence: number
  /** What is left of the count-in. */
  countIn: Milliseconds
  phase: number
  elapsed: Milliseconds
  /** By how much this phase has been stretched. */
  extra: Milliseconds
  /** Wait at the end of this phase. */
  holding: boolean
  /** A new timeline to enter at the next boundary, at its phase. */
  amended?: { timeline: Timeline; phase: number }
  /** When the first phase begins or began: after the count-in. */
  startedAt?: Milliseconds
  endedAt?: Milliseconds
  taps: { personId: string; label: string; at: Milliseconds; elapsed: Milliseconds; phase: number }[]
}

export function initialProgress(timeline: Timeline): Progress {
  return { timeline, mode: 'ready', at: 0, sequence: 0, countIn: 0, phase: 0, elapsed: 0, extra: 0, holding: false, taps: [] }
}

/** The present phase's length, as planned and stretched. */
export const phaseLength = (progress: Progress): Milliseconds => progress.timeline.phases[progress.phase]!.seconds * 1000 + progress.extra

/** The run moved on to `now`, with nothing having happened since. Time never runs backwards. */
export function advance(progress: Progress, now: Milliseconds): Progress {
  const passed = Math.max(0, now - progress.at)
  const later = { ...progress, at: progress.at + passed }
  if (progress.mode !== 'running') return later
  if (passed < progress.countIn) return { ...later, countIn: progress.countIn - passed }
  const elapsed = progress.elapsed + passed - progress.countIn
  const length = phaseLength(progress)
  if (elapsed < length) return { ...later, countIn: 0, elapsed }
  if (progress.holding) return { ...later, countIn: 0, elapsed: length }
  return enter(later, elapsed - length, later.at)
}

/** Leaves the present phase, `over` milliseconds ago, for what follows it. */
function enter(progress: Progress, over: Milliseconds, now: Milliseconds): Progress {
  const timeline = progress.amended?.timeline ?? progress.timeline
  const next = progress.amended?.phase ?? progress.phase + 1
  const moved: Progress = { ...progress, timeline, countIn: 0, extra: 0, holding: false }
  delete moved.amended
  const start = timeline.phases[next]?.start
  const phase = start === undefined ? undefined : phaseAt(timeline, start + over / 1000)
  if (phase) return { ...moved, phase: phase.index, elapsed: start! * 1000 + over - phase.start * 1000 }
  const last = timeline.phases.length - 1
  const overEnd = start === undefined ? over : over - (timeline.total - start) * 1000
  return { ...moved, mode: 'finished', phase: last, elapsed: timeline.phases[last]!.seconds * 1000, endedAt: now - overEnd }
}

/** The run after `event`. A command that means nothing at that instant changes nothing but the sequence number. */
export function apply(before: Progress, event: RunEvent): Progress {
  const progress: Progress = { ...advance(before, event.at), sequence: event.sequence }
  return applicable(progress, event.command) ? { ...progress, ...changes(progress, event) } : progress
}

export function foldEvents(timeline: Timeline, events: readonly RunEvent[]): Progress {
  return events.reduce(apply, initialProgress(timeline))
}

const notBegun = ({ phase, elapsed }: Progress) => phase === 0 && elapsed === 0

const atPhase = (phase: number) => ({ phase, elapsed: 0, extra: 0, holding: false, countIn: 0 })

function changes(progress: Progress, { command, at }: RunEvent): Partial<Progress> {
  switch (command.type) {
    case 'start':
      return { mode: 'running', countIn: countInMs, startedAt: at + countInMs }
    case 'resume':
      if (progress.mode === 'paused') return { mode: 'running' }
      return { mode: 'running', countIn: countInMs, ...(notBegun(progress) && { startedAt: at + countInMs }) }
    case 'pause':
      return { mode: 'paused' }
    case 'stop':
      return { mode: 'stopped', countIn: 0 }
    case 'finish':
      return { mode: 'finished', endedAt: at, countIn: 0 }
    case 'hold':
      return { holding: true }
    case 'release':
      return { holding: false }
    case 'skip':
      if (progress.countIn === 0) return enter(progress, 0, at)
      return { countIn: 0, ...(notBegun(progress) && { startedAt: at }) }
    case 'back':
      return atPhase(progress.elapsed < backMs ? Math.max(0, progress.phase - 1) : progress.phase)
    case 'goto':
      return { ...atPhase(command.phase), amended: undefined }
    case 'extend':
      // A phase cannot be made to have ended already.
      return { extra: progress.extra + Math.max(command.seconds * 1000, progress.elapsed - phaseLength(progress)) }
    case 'amend':
      return { amended: { timeline: command.timeline, phase: command.phase } }
    case 'tap': {
      const { personId, label } = command
      return { taps: [...progress.taps, { personId, label, at, elapsed: progress.elapsed, phase: progress.phase }] }
    }
  }
}

/** Whether the command means something now. */
export function applicable(progress: Progress, command: Command): boolean {
  const { mode, timeline } = progress
  const underWay = mode === 'running' || mode === 'paused'
  switch (command.type) {
    case 'start':
      return mode === 'ready'
    case 'resume':
      return mode === 'paused' || mode === 'stopped'
    case 'pause':
      return mode === 'running'
    case 'stop':
      return underWay
    case 'finish':
      return mode !== 'finished'
    case 'goto':
      return mode !== 'finished' && command.phase < timeline.phases.length
    case 'amend':
      return mode !== 'finished' && command.phase < command.timeline.phases.length
    case 'hold':
      return underWay && !progress.holding
    case 'release':
      return underWay && progress.holding
    case 'back':
      return underWay && progress.countIn === 0
    case 'extend':
    case 'skip':
    case 'tap':
      return underWay
  }
}
