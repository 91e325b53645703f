import type { Timeline } from '../../timeline/phase'
import { inMilliseconds, type Milliseconds } from '../../base/units'
import type { Command, RunEvent } from './events'
import { stateAt } from './state'
import { advance, countInMs, enter, initialProgress, type Progress } from './progress'
import { isTap } from './is-tap'
import { canTap, tapsAfter } from './taps'
import { canUndo, isUndoable, restorableOf, stretchedBy, undone } from './undo'

/** Within this time of a phase's start, "back" means the phase before. */
export const backMs: Milliseconds = 2_000

/** The run after `event`. A command that means nothing at that instant changes nothing but the sequence number. */
export function apply(before: Progress, event: RunEvent): Progress {
  const { command } = event
  const progress: Progress = { ...advance(before, event.at), sequence: event.sequence }
  if (!applicable(progress, command)) return progress
  const after = { ...progress, ...changes(progress, event) }
  if (isTap(command) || command.type === 'takeOver' || command.type === 'check') return after
  return { ...after, undoable: isUndoable(command.type) ? { type: command.type, at: event.at, before: restorableOf(progress) } : undefined }
}

export function foldEvents(timeline: Timeline, events: readonly RunEvent[]): Progress {
  return events.reduce(apply, initialProgress(timeline))
}

const notBegun = ({ phase, elapsed }: Progress) => phase === 0 && elapsed === 0

/** The class begins at this instant, if it was started and has not begun. */
const begunAt = (progress: Progress, at: Milliseconds): Partial<Progress> =>
  progress.startedAt !== undefined && (notBegun(progress) || progress.startedAt > progress.at) ? { startedAt: at } : {}

/** Taken back while people are counted in, a press has moved the beginning by as long as it held. */
const beginningAgain = (back: Progress, at: Milliseconds): Progress =>
  back.mode === 'running' && back.countIn > 0 ? { ...back, ...begunAt(back, at + back.countIn) } : back

const atPhase = (phase: number) => ({ phase, elapsed: 0, extra: 0, changePutOff: 0, holding: false, countIn: 0 })

/** The work that is on, or was last. */
function lastWork({ timeline, phase }: Progress): number {
  let index = phase
  while (index > 0 && timeline.phases[index]!.kind !== 'work') index--
  return index
}

/** The last work anew. Out of a break, people first have to get ready again. */
function repeated(progress: Progress): Partial<Progress> {
  const work = lastWork(progress)
  return { ...atPhase(work), countIn: work === progress.phase ? 0 : countInMs }
}

function changes(progress: Progress, event: RunEvent): Partial<Progress> {
  const { command, at } = event
  if (isTap(command)) return { taps: tapsAfter(progress, { ...event, command }) }
  switch (command.type) {
    case 'start':
      return { mode: 'running', countIn: countInMs, startedAt: at + countInMs }
    case 'resume':
      if (progress.mode === 'paused') return { mode: 'running', ...begunAt(progress, at + progress.countIn) }
      return { mode: 'running', clearing: undefined, countIn: countInMs, ...begunAt(progress, at + countInMs) }
    case 'pause':
      return { mode: 'paused' }
    case 'stop':
      return { mode: 'stopped', countIn: 0 }
    case 'clear':
      return { clearing: true }
    case 'check':
      return { checkedAt: at }
    case 'finish':
      return { mode: 'finished', endedAt: at, countIn: 0, ...begunAt(progress, at) }
    case 'hold':
      return { holding: true }
    case 'release':
      return command.countsIn ? enteredBy(command, progress, at) : { holding: false }
    case 'skip':
      if (progress.countIn === 0) return enteredBy(command, progress, at)
      return { countIn: 0, ...begunAt(progress, at) }
    case 'back':
      return atPhase(progress.elapsed < backMs ? Math.max(0, progress.phase - 1) : progress.phase)
    case 'repeat':
      return repeated(progress)
    case 'goto':
      return { ...atPhase(command.phase), elapsed: inMilliseconds(command.into ?? 0), amended: undefined, ...begunAt(progress, at) }
    case 'extend':
      return stretchedBy(progress, inMilliseconds(command.seconds))
    case 'amend':
      return progress.mode === 'ready' ? { timeline: command.timeline } : { amended: { timeline: command.timeline, phase: command.phase } }
    case 'undo':
      return beginningAgain({ ...progress, ...undone(progress) }, at)
    case 'takeOver':
      return { holder: { device: command.device, name: command.name, since: at, ...(progress.holder && { from: progress.holder.name }) } }
  }
}

/** What follows, entered by a press; counted in, where everyone begins it together. */
const enteredBy = (
  { countsIn }: Extract<Command, { type: 'skip' | 'release' }>,
  progress: Progress,
  at: Milliseconds,
): Partial<Progress> => ({
  ...enter(progress, 0, at),
  ...(countsIn && { countIn: countInMs }),
})

/**
 * The command as it goes into the run's order: a press that ends the break before a list counts its people in. Said with the event,
 * so that what happened in earlier runs stays as it was.
 */
export function countedIn(now: Progress, command: Command): Command {
  const isOver = command.type === 'skip' ? now.countIn === 0 : command.type === 'release' && stateAt(now, now.at).status === 'held'
  if (!isOver || (command.type !== 'skip' && command.type !== 'release')) return command
  const next = enter(now, 0, now.at)
  const isList = next.mode === 'running' && next.timeline.phases[next.phase]!.selfPaced !== undefined
  return isList ? { ...command, countsIn: true } : command
}

/** Another course is worked out for the phase that is on: a boundary later it would go back in time. */
const canAmend = ({ mode, phase }: Progress, command: Extract<Command, { type: 'amend' }>): boolean =>
  mode !== 'finished' && command.phase === (mode === 'ready' ? 0 : phase + 1) && command.phase < command.timeline.phases.length

/** Whether the command means something now. */
export function applicable(progress: Progress, command: Command): boolean {
  const { mode, timeline } = progress
  const underWay = mode === 'running' || mode === 'paused'
  switch (command.type) {
    case 'start':
    case 'check':
      return mode === 'ready'
    case 'resume':
      return mode === 'paused' || mode === 'stopped'
    case 'pause':
      return mode === 'running'
    case 'stop':
      return underWay
    case 'clear':
      return mode === 'stopped' && !progress.clearing
    case 'finish':
      return mode !== 'finished'
    case 'goto':
      return mode !== 'finished' && (command.into ?? 0) < (timeline.phases[command.phase]?.seconds ?? 0)
    case 'amend':
      return canAmend(progress, command)
    case 'hold':
      return underWay && !progress.holding
    case 'release':
      return underWay && progress.holding
    case 'back':
    case 'repeat':
      return underWay && progress.countIn === 0
    case 'undo':
      return mode !== 'finished' && canUndo(progress)
    case 'takeOver':
      return mode !== 'finished' && progress.holder?.device !== command.device
    case 'tap':
    case 'untap':
      return canTap(progress, command)
    case 'extend':
    case 'skip':
      return underWay
  }
}
