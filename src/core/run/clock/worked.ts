import type { Phase, Timeline } from '../../timeline/phase'
import { inMilliseconds, type Milliseconds } from '../../base/units'
import { advance, phaseLimit, type Progress, type Worked } from './progress'

/** A turn counts as done when at least this share of its work was. */
const enough = 0.5

/** The turn of a work, however often it is gone back to. */
export const turnKey = ({ pieceId, repeat, turn }: Phase) => `${pieceId}/${repeat}/${turn ?? 0}`

/** How long the class has really worked in each of its turns up to `now`, whatever was paused, skipped, gone back to or stretched. */
export function workedBy(progress: Progress, now: Milliseconds): Worked {
  const more: Record<string, Milliseconds> = {}
  let here = progress
  while (here.mode === 'running') {
    const phase = here.timeline.phases[here.phase]!
    const end = here.at + here.countIn + phaseLimit(here) - here.elapsed
    const spent = Math.min(now, end) - here.at - here.countIn
    const key = turnKey(phase)
    if (phase.kind === 'work' && spent > 0) more[key] = (more[key] ?? progress.worked[key] ?? 0) + spent
    if (end > now || here.holding) break
    here = advance(here, end)
  }
  return Object.keys(more).length > 0 ? { ...progress.worked, ...more } : progress.worked
}

/** Whether enough of a turn that was planned to take so long was worked. */
export const isDone = (worked: Worked, phase: Phase, planned: Milliseconds): boolean => (worked[turnKey(phase)] ?? 0) >= enough * planned

/** How long each turn is planned to work. */
export function plannedWork({ phases }: Pick<Timeline, 'phases'>): ReadonlyMap<string, Milliseconds> {
  const planned = new Map<string, Milliseconds>()
  for (const phase of phases)
    if (phase.kind === 'work') planned.set(turnKey(phase), (planned.get(turnKey(phase)) ?? 0) + inMilliseconds(phase.seconds))
  return planned
}
