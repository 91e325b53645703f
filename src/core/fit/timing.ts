import type { Circuit, Intervals, Plan } from '../plan/plan'
import { piecesChanged } from '../plan/pieces-changed'
import { lapsOf } from '../plan/turns'
import type { Seconds } from '../base/units'

/** The four numbers of a circuit that can be fitted. `workSeconds` is its first work interval, or the cap of its lists. */
export interface Timing {
  workSeconds: Seconds
  transitionSeconds: Seconds
  laps: number
  lapRestSeconds: Seconds
}

const breakFields = new Set(['transitionSeconds', 'gapSeconds', 'setRestSeconds'])

const partOf = (plan: Plan, circuit: Circuit) => plan.parts.find((part) => part.pieces.some((piece) => piece.id === circuit.id))!

export const timingOf = (circuit: Circuit): Timing => ({
  workSeconds: circuit.stay.kind === 'intervals' ? circuit.stay.workSeconds[0]! : circuit.stay.capSeconds!,
  transitionSeconds: circuit.transition.seconds,
  laps: lapsOf(circuit),
  lapRestSeconds: circuit.lapRestSeconds,
})

/** Whether a circuit's length follows from its numbers: not where a list is open, or a fixed window stands whatever they are. */
export const canFit = (circuit: Circuit): boolean =>
  circuit.withinSeconds === undefined && (circuit.stay.kind === 'intervals' || circuit.stay.goal === 'cap')

/** The numbers that cannot be changed, because laps differ from one another or are counted by turns. */
export function fixedNumbers(plan: Plan, circuit: Circuit): ReadonlySet<keyof Timing> {
  const fixed = new Set<keyof Timing>()
  if (
    circuit.laps === undefined ||
    circuit.vary.length > 0 ||
    circuit.varyRules ||
    circuit.stations.some((station) => station.skipLaps.length > 0)
  )
    fixed.add('laps')
  const breaksVary = [...circuit.vary, ...partOf(plan, circuit).vary].some(
    (variation) => variation.id === circuit.id && breakFields.has(variation.field),
  )
  const breaksByRule = [...(circuit.varyRules ?? []), ...(partOf(plan, circuit).varyRules ?? [])].some(
    (rule) => rule.id === circuit.id && rule.rule === 'exchange' && rule.fields.some((field) => breakFields.has(field)),
  )
  return breaksVary || breaksByRule ? fixed.add('laps').add('lapRestSeconds') : fixed
}

/** The circuit with all others of the plan that have the same numbers: a second set of exercises keeps the figures of the first. */
export function alikeTo(plan: Plan, circuit: Circuit): Circuit[] {
  const numbers = ({ travel, laps, turns, lapRestSeconds, transition, stay }: Circuit) =>
    JSON.stringify([travel, laps, turns, lapRestSeconds, transition.seconds, stay])
  return plan.parts.flatMap((part) =>
    part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit' && canFit(piece) && numbers(piece) === numbers(circuit)),
  )
}

/** The plan with the numbers of `circuits` replaced. Work intervals of unequal length keep their differences. */
export function withTiming(plan: Plan, circuits: readonly Circuit[], timing: Timing): Plan {
  const changed = new Map(circuits.map((circuit) => [circuit.id, circuitWith(circuit, timing)]))
  return piecesChanged(plan, (piece) => changed.get(piece.id) ?? piece)
}

/** The circuit with its numbers replaced. */
export function circuitWith(circuit: Circuit, timing: Timing): Circuit {
  const { stay } = circuit
  return {
    ...circuit,
    ...(circuit.laps !== undefined && { laps: timing.laps }),
    lapRestSeconds: timing.lapRestSeconds,
    transition: { ...circuit.transition, seconds: timing.transitionSeconds },
    stay: stay.kind === 'task' ? { ...stay, capSeconds: timing.workSeconds } : { ...stay, workSeconds: workAt(stay, timing.workSeconds) },
  }
}

/** The work of each position when the first is `workSeconds`. */
export const workAt = (stay: Intervals, workSeconds: Seconds): Seconds[] =>
  stay.workSeconds.map((seconds) => seconds + workSeconds - stay.workSeconds[0]!)

/** Seconds of work to one second of break, over one stay and the move after it. */
export function workToBreaks({ stay, transition }: Pick<Circuit, 'stay' | 'transition'>): number {
  if (stay.kind === 'task') return (stay.capSeconds ?? 0) / Math.max(1, transition.seconds)
  const { workSeconds, gapSeconds, sets, setRestSeconds } = stay
  const betweenSets = Math.max(gapSeconds, setRestSeconds)
  const breaks = (workSeconds.length - 1) * sets * gapSeconds + (sets - 1) * betweenSets + Math.max(betweenSets, transition.seconds)
  return (sets * workSeconds.reduce((sum, seconds) => sum + seconds, 0)) / Math.max(1, breaks)
}
