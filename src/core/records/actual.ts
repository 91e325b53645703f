import { inSeconds, type Milliseconds } from '../base/units'
import type { Phase, Timeline } from '../timeline/phase'
import { apply } from '../run/clock/apply'
import type { Command, RunEvent } from '../run/clock/events'
import { advance, initialProgress, phaseLimit, type Progress } from '../run/clock/progress'
import { stateAt } from '../run/clock/state'

/** How the clock was in a stretch of a run: it ran, counted people in, or stood. */
export type Clock = 'running' | 'countIn' | 'held' | 'paused' | 'stopped'

/** A stretch of a run as it was: in one phase, with the clock in one way. */
export interface Stretch {
  phase: Phase
  clock: Clock
  /** From the beginning of the first phase. */
  from: Milliseconds
  length: Milliseconds
}

/** What was pressed, and when. */
export interface Pressed {
  at: Milliseconds
  who: string
  type: Command['type']
  words: string
}

/** A run as it happened. */
export interface Actual {
  stretches: Stretch[]
  pressed: Pressed[]
  /** From the first phase to the end, pauses and all; absent while it has not ended. */
  total?: Milliseconds
  /** How it stood at its end, or at the last that is known of it. */
  end: Progress
}

/** So long after its last event a run has ended by itself, whatever it was. */
const longAfter: Milliseconds = 24 * 3_600_000

/**
 * What happened in a run, stretch by stretch: of a class that was paused in its third phase, that phase, the pause, and the rest of
 * it. `now`: of a run that is under way, until then.
 */
export function asItHappened(timeline: Timeline, events: readonly RunEvent[], now?: Milliseconds): Actual {
  let progress = initialProgress(timeline)
  const found: Stretch[] = []
  const until = (instant: Milliseconds) => found.push(...stretchesOf(progress, instant))
  for (const event of events) {
    until(event.at)
    progress = apply(progress, event)
  }
  const end = advance(progress, now ?? progress.at + longAfter)
  until(end.endedAt ?? end.at)
  const began = end.startedAt ?? 0
  const stretches = joined(found.filter(({ from }) => from >= began)).map((stretch) => ({ ...stretch, from: stretch.from - began }))
  return {
    stretches: end.startedAt === undefined ? [] : stretches,
    pressed: events.flatMap((event) => pressedIn(event, began)),
    ...(end.startedAt !== undefined && end.endedAt !== undefined && { total: Math.max(0, end.endedAt - end.startedAt) }),
    end,
  }
}

/** With nothing pressed until then. */
function* stretchesOf(progress: Progress, until: Milliseconds): Generator<Stretch> {
  let here = progress
  while (here.mode !== 'ready' && here.mode !== 'finished' && here.at < until) {
    const { status, phase } = stateAt(here, here.at)
    const to = Math.min(until, changesAt(here))
    if (to > here.at) yield { phase, clock: status as Clock, from: here.at, length: to - here.at }
    here = advance(here, to)
  }
}

/** When the clock is otherwise by itself: the count-in is over, or the phase. */
function changesAt(progress: Progress): Milliseconds {
  if (progress.mode !== 'running') return Infinity
  if (progress.countIn > 0) return progress.at + progress.countIn
  const left = phaseLimit(progress) - progress.elapsed
  return left <= 0 && progress.holding ? Infinity : progress.at + Math.max(0, left)
}

/** Stretches that go on as they were are one. */
const joined = (stretches: readonly Stretch[]): Stretch[] =>
  stretches.reduce<Stretch[]>((all, stretch) => {
    const last = all.at(-1)
    if (last && last.phase === stretch.phase && last.clock === stretch.clock)
      return [...all.slice(0, -1), { ...last, length: last.length + stretch.length }]
    return [...all, stretch]
  }, [])

/** What is told of a press; taps are results, and who asks or takes over changes nothing of the class. */
const words: Partial<Record<Command['type'], string>> = {
  start: 'started',
  pause: 'paused',
  resume: 'went on',
  back: 'went back',
  repeat: 'repeated',
  undo: 'took the last press back',
  hold: 'waited at the end of it',
  release: 'went on from waiting',
  stop: 'stopped everyone',
  clear: 'had the room cleared',
  finish: 'ended the class',
  skip: 'went on early',
  goto: 'went to another place',
  amend: 'changed what follows',
}

function pressedIn({ at, who, command }: RunEvent, began: Milliseconds): Pressed[] {
  if (command.type === 'extend') {
    const { seconds } = command
    return [{ at: at - began, who, type: 'extend', words: seconds < 0 ? `took ${-seconds} s off` : `added ${seconds} s` }]
  }
  const told = words[command.type]
  return told === undefined ? [] : [{ at: at - began, who, type: command.type, words: told }]
}

/** How long each phase was in all, by its index in the timeline it was of; the clock standing in it counts. */
export const lengthOfPhases = (stretches: readonly Stretch[]): ReadonlyMap<Phase, Milliseconds> =>
  stretches.reduce((all, { phase, length }) => all.set(phase, (all.get(phase) ?? 0) + length), new Map<Phase, Milliseconds>())

/** A run's stretches as phases to be drawn: to scale, from 0; where the clock stood, `unplanned`. */
export const drawnActual = (stretches: readonly Stretch[]): Phase[] =>
  stretches.map(({ phase, clock, from, length }, index) => ({
    ...phase,
    index,
    start: inSeconds(from),
    seconds: inSeconds(length),
    kind: clock === 'running' ? phase.kind : 'unplanned',
  }))
