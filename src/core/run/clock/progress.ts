import { phaseAt } from '../../timeline/at'
import { limits } from '../../base/limits'
import type { Phase, Timeline } from '../../timeline/phase'
import { inMilliseconds, inSeconds, type Milliseconds } from '../../base/units'
import type { Command, TapKind } from './events'
import type { Holder } from './holder'
import { turnKey, type Worked } from './worked'

export const countInMs: Milliseconds = 10_000

/**
 * Where a run stood at the instant `at`. Together with the time that has passed since, it tells where the run stands; events only
 * ever replace it. All lengths are milliseconds.
 */
export interface Progress {
  timeline: Timeline
  mode: 'ready' | 'running' | 'paused' | 'stopped' | 'finished'
  at: Milliseconds
  sequence: number
  /** After a stop: everyone is to leave the room. */
  clearing?: true | undefined
  /** What is left of the count-in. */
  countIn: Milliseconds
  phase: number
  elapsed: Milliseconds
  /** By how much this phase has been stretched. */
  extra: Milliseconds
  /** By how much the change of sides in this phase was put off with it. */
  changePutOff: Milliseconds
  /** Wait at the end of this phase. */
  holding: boolean
  /** A new timeline to enter at the next boundary, at its phase. */
  amended?: { timeline: Timeline; phase: number }
  /** When the first phase begins or began: after the count-in. */
  startedAt?: Milliseconds
  endedAt?: Milliseconds
  /** When the screens were last asked to show themselves, before the start. */
  checkedAt?: Milliseconds
  taps: Tap[]
  /** Up to `at`. */
  worked: Worked
  /** The device that moves the clock, once one has. */
  holder?: Holder
  /** The last command that can be taken back, and where the run stood before it. */
  undoable?: { type: Command['type']; at: Milliseconds; before: Restorable }
}

/** Whether the present phase has not begun: people are counted in. */
export const isCountedInto = ({ countIn, elapsed }: Pick<Progress, 'countIn' | 'elapsed'>): boolean => countIn > 0 && elapsed === 0

/** What somebody has done in a self-paced phase, as it was tapped. */
export interface Tap {
  id: string
  personIds: string[]
  what: TapKind
  at: Milliseconds
  /** Into the phase. */
  elapsed: Milliseconds
  phase: number
}

/** What a command moves, and taking it back restores. */
export const restorable = [
  'timeline',
  'mode',
  'countIn',
  'phase',
  'elapsed',
  'extra',
  'changePutOff',
  'holding',
  'amended',
  'startedAt',
] as const satisfies (keyof Progress)[]
export type Restorable = Pick<Progress, (typeof restorable)[number]>

export function initialProgress(timeline: Timeline): Progress {
  return {
    timeline,
    mode: 'ready',
    at: 0,
    sequence: 0,
    countIn: 0,
    phase: 0,
    elapsed: 0,
    extra: 0,
    changePutOff: 0,
    holding: false,
    taps: [],
    worked: {},
  }
}

/** The present phase's length, as planned or reckoned, and stretched. */
export const phaseLength = (progress: Progress): Milliseconds =>
  inMilliseconds(progress.timeline.phases[progress.phase]!.seconds) + progress.extra

/**
 * When a phase ends by itself: a list to be finished not when it was reckoned to, but at its cap; without one only when no class
 * is that long.
 */
export const limitOf = ({ selfPaced, seconds }: Phase): Milliseconds =>
  inMilliseconds(selfPaced?.open ? (selfPaced.capSeconds ?? limits.totalSeconds) : seconds)

export const phaseLimit = (progress: Progress): Milliseconds => limitOf(progress.timeline.phases[progress.phase]!) + progress.extra

/** The present phase, its change of sides where it is now. */
export function presentPhase({ timeline, phase: index, changePutOff }: Progress): Phase {
  const phase = timeline.phases[index]!
  if (phase.changeAt === undefined || changePutOff === 0) return phase
  return { ...phase, changeAt: phase.changeAt + inSeconds(changePutOff) }
}

/** The run moved on to `now`, with nothing having happened since. Time never runs backwards. */
export const advance = (progress: Progress, now: Milliseconds): Progress => ({ ...moved(progress, now), worked: workedBy(progress, now) })

/** What was worked by then, phase by phase. */
function workedBy(progress: Progress, now: Milliseconds): Worked {
  const more: Record<string, Milliseconds> = {}
  let here = progress
  while (here.mode === 'running') {
    const phase = here.timeline.phases[here.phase]!
    const end = here.at + here.countIn + phaseLimit(here) - here.elapsed
    const spent = Math.min(now, end) - here.at - here.countIn
    const key = turnKey(phase)
    if (phase.kind === 'work' && spent > 0) more[key] = (more[key] ?? progress.worked[key] ?? 0) + spent
    if (end > now || here.holding) break
    here = moved(here, end)
  }
  return Object.keys(more).length > 0 ? { ...progress.worked, ...more } : progress.worked
}

function moved(progress: Progress, now: Milliseconds): Progress {
  const passed = Math.max(0, now - progress.at)
  const later = { ...progress, at: progress.at + passed }
  if (progress.mode !== 'running') return later
  if (passed < progress.countIn) return { ...later, countIn: progress.countIn - passed }
  const elapsed = progress.elapsed + passed - progress.countIn
  const limit = phaseLimit(progress)
  if (elapsed < limit) return { ...later, countIn: 0, elapsed }
  if (progress.holding) return { ...later, countIn: 0, elapsed: limit }
  return enter(later, elapsed - limit, later.at)
}

/** Leaves the present phase, `over` milliseconds ago, for what follows it. */
export function enter(progress: Progress, over: Milliseconds, now: Milliseconds): Progress {
  const timeline = progress.amended?.timeline ?? progress.timeline
  const next = progress.amended?.phase ?? progress.phase + 1
  const entered: Progress = { ...progress, timeline, countIn: 0, extra: 0, changePutOff: 0, holding: false }
  delete entered.amended
  const start = timeline.phases[next]?.start
  const phase = start === undefined ? undefined : phaseAt(timeline, start + inSeconds(over))
  // Time does not run over a list that has to be finished.
  const open = timeline.phases.find((known) => known.index >= next && known.index <= (phase?.index ?? Infinity) && known.selfPaced?.open)
  if (open) {
    const elapsed = over - inMilliseconds(open.start - start!)
    const limit = limitOf(open)
    const here = { ...entered, phase: open.index, elapsed: Math.min(elapsed, limit) }
    return elapsed < limit ? here : enter(here, elapsed - limit, now)
  }
  if (phase) return { ...entered, phase: phase.index, elapsed: inMilliseconds(start!) + over - inMilliseconds(phase.start) }
  const last = timeline.phases.length - 1
  const overEnd = start === undefined ? over : over - inMilliseconds(timeline.total - start)
  return { ...entered, mode: 'finished', phase: last, elapsed: inMilliseconds(timeline.phases[last]!.seconds), endedAt: now - overEnd }
}
