import type { Phase, Timeline } from '../../timeline/phase'
import type { Seconds } from '../../base/units'

/** A phase of a timeline to be, with the index it had before, where it was there before. */
export type KeptPhase = Phase & { formerIndex?: number }

/**
 * A timeline of `phases` one after the other, with the starts they have then. What waves do meanwhile goes with the phases beside
 * which it was. An interval that is changed in its middle is changed in its middle still.
 */
export function retimed(before: Timeline, phases: readonly KeptPhase[]): Timeline {
  let clock: Seconds = 0
  const startOf = new Map<number, Seconds>()
  const made = phases.map(({ formerIndex, ...phase }, index): Phase => {
    if (formerIndex !== undefined) startOf.set(formerIndex, clock)
    const planned = formerIndex === undefined ? undefined : before.phases[formerIndex]
    const halved =
      phase.changeAt !== undefined && planned && planned.seconds !== phase.seconds ? { changeAt: Math.ceil(phase.seconds / 2) } : {}
    const placed = { ...phase, ...halved, index, start: clock }
    clock += phase.seconds
    return placed
  })
  const meanwhile = before.meanwhile.flatMap((phase) => {
    const beside = before.phases.findLast(({ start }) => start <= phase.start)
    const start = beside && startOf.get(beside.index)
    return start === undefined ? [] : [{ ...phase, start: start + phase.start - beside!.start }]
  })
  const optional = made.filter((phase) => phase.optional).reduce((sum, phase) => sum + phase.seconds, 0)
  return { phases: made, meanwhile, total: clock, totalWithoutOptional: clock - optional }
}

/** The timeline's phases, each knowing which it was. */
export const keptOf = ({ phases }: Timeline): KeptPhase[] => phases.map((phase) => ({ ...phase, formerIndex: phase.index }))
