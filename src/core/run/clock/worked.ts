import type { Phase, Timeline } from '../../timeline/phase'
import { inMilliseconds, type Milliseconds } from '../../base/units'

/** How long the class has really worked in each turn, by `piece/repeat/turn`, whatever was paused, skipped, gone back to or stretched. */
export type Worked = Readonly<Record<string, Milliseconds>>

/** A turn counts as done when at least this share of its work was. */
const enough = 0.5

/** The turn of a work, however often it is gone back to. */
export const turnKey = ({ pieceId, repeat, turn }: Phase) => `${pieceId}/${repeat}/${turn ?? 0}`

/** Whether enough of a turn that was planned to take so long was worked. */
export const isDone = (worked: Worked, phase: Phase, planned: Milliseconds): boolean => (worked[turnKey(phase)] ?? 0) >= enough * planned

/** How long each turn is planned to work. */
export function plannedWork({ phases }: Pick<Timeline, 'phases'>): ReadonlyMap<string, Milliseconds> {
  const planned = new Map<string, Milliseconds>()
  for (const phase of phases)
    if (phase.kind === 'work') planned.set(turnKey(phase), (planned.get(turnKey(phase)) ?? 0) + inMilliseconds(phase.seconds))
  return planned
}
