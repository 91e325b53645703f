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

/** A turn as it is planned: its first phase and its last, how long it is worked, and at which positions. */
export interface PlannedTurn {
  phase: Phase
  lastIndex: number
  plannedMs: Milliseconds
  positions: ReadonlySet<number>
}

/** The turns of a timeline in order, each once for every repeat. */
export function turnsOf({ phases }: Pick<Timeline, 'phases'>): PlannedTurn[] {
  const turns = new Map<string, PlannedTurn & { positions: Set<number> }>()
  for (const phase of phases) {
    if (phase.kind !== 'work') continue
    const key = turnKey(phase)
    const { phase: first = phase, plannedMs = 0, positions = new Set<number>() } = turns.get(key) ?? {}
    positions.add(phase.position ?? 0)
    turns.set(key, { phase: first, lastIndex: phase.index, plannedMs: plannedMs + inMilliseconds(phase.seconds), positions })
  }
  return [...turns.values()]
}

/** How long each turn is planned to work. */
export const plannedWork = (timeline: Pick<Timeline, 'phases'>): ReadonlyMap<string, Milliseconds> =>
  new Map(turnsOf(timeline).map(({ phase, plannedMs }) => [turnKey(phase), plannedMs]))
