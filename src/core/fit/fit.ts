import type { Circuit, Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import { commonPaces, type Paces } from '../pace/pace'
import type { Seconds } from '../base/units'
import { alikeTo, circuitWith, fixedNumbers, timingOf, withTiming, workAt, workToBreaks, type Timing } from './timing'
import { totalsFor } from './totals'

export interface FitWish {
  /** Work to breaks, such as 2 for 2 : 1; left out, only closeness to the present numbers counts. */
  ratio?: number | undefined
  /** Numbers that must stay as they are. */
  locked: ReadonlySet<keyof Timing>
}

export interface Fit extends Timing {
  /** What is left of the slot: never negative. It goes to a pause, so that the slot is filled to the second. */
  spareSeconds: Seconds
  /** How far this is from what was wished; the lowest is best. */
  cost: number
}

const step: Seconds = 5
/** More than this left over is no fit. */
const mostSpareSeconds: Seconds = 180
/** No position is worked for less. */
const leastWorkSeconds: Seconds = 5

const range = (from: number, to: number, by: number): number[] =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / by) + 1) }, (_, index) => from + index * by)

/** What may be tried for each number: steps of 5 s, single laps, and always the present value. */
function choices(circuit: Circuit, now: Timing, locked: FitWish['locked']): Record<keyof Timing, number[]> {
  const { stay } = circuit
  const workable = (work: number) => stay.kind === 'task' || workAt(stay, work).every((seconds) => seconds >= leastWorkSeconds)
  const free: Record<keyof Timing, number[]> = {
    workSeconds:
      stay.kind === 'task'
        ? range(60, Math.max(600, now.workSeconds * 2), step)
        : range(15, Math.max(180, now.workSeconds * 2), step).filter(workable),
    transitionSeconds: range(circuit.travel === 'rotate' ? 10 : 0, 60, step),
    laps: range(1, 10, 1),
    lapRestSeconds: range(0, 120, 15),
  }
  const choices = (key: keyof Timing) => (locked.has(key) ? [now[key]] : [...new Set([...free[key], now[key]])])
  return {
    workSeconds: choices('workSeconds'),
    transitionSeconds: choices('transitionSeconds'),
    laps: choices('laps'),
    lapRestSeconds: choices('lapRestSeconds'),
  }
}

/** How far `timing` is from the present numbers. */
function changeCost(timing: Timing, now: Timing): number {
  return (
    Math.abs(timing.workSeconds - now.workSeconds) / 10 +
    Math.abs(timing.transitionSeconds - now.transitionSeconds) / 5 +
    Math.abs(timing.laps - now.laps) * 0.8 +
    Math.abs(timing.lapRestSeconds - now.lapRestSeconds) / 30
  )
}

/** How far the circuit with `timing` is from the wished ratio. */
function ratioCost(circuit: Circuit, timing: Timing, ratio: number | undefined): number {
  return ratio === undefined ? 0 : Math.abs(Math.log(workToBreaks(circuitWith(circuit, timing)) / ratio)) * 8
}

/** How far `timing` is from the wish and from the present numbers, with `spare` seconds left over. */
export const costOf = (circuit: Circuit, timing: Timing, spare: Seconds, ratio: number | undefined): number =>
  ratioCost(circuit, timing, ratio) + changeCost(timing, timingOf(circuit)) + spare / 60

/**
 * Ranked timings of a circuit, and of all that have the same numbers, with which the class fills its slot: at most `most`, of
 * different work and laps. An exhaustive search: nothing it could have chosen costs less. Empty when nothing fits within three
 * minutes of the slot.
 */
export function fitToSlot(plan: Plan, circuit: Circuit, wish: FitWish, paces: Paces = commonPaces, most = 5): Fit[] {
  const now = timingOf(circuit)
  const circuits = alikeTo(plan, circuit)
  const fixed = new Set(circuits.flatMap((circuit) => [...fixedNumbers(plan, circuit)]))
  const { workSeconds, transitionSeconds, laps, lapRestSeconds } = choices(circuit, now, new Set([...wish.locked, ...fixed]))
  const found: Fit[] = []
  for (const transition of transitionSeconds) {
    const total = totalsFor(plan, circuits, now, transition, fixed.has('laps'), paces)
    if (!total) continue
    for (const work of workSeconds) {
      const ratioOff = ratioCost(circuit, { ...now, workSeconds: work, transitionSeconds: transition }, wish.ratio)
      for (const lap of laps) {
        for (const lapRest of lapRestSeconds) {
          const spare = plan.slotSeconds - total(work, lap, lapRest)
          if (spare < 0 || spare > mostSpareSeconds) continue
          const timing = { workSeconds: work, transitionSeconds: transition, laps: lap, lapRestSeconds: lapRest }
          found.push({ ...timing, spareSeconds: spare, cost: ratioOff + changeCost(timing, now) + spare / 60 })
        }
      }
    }
  }
  found.sort((a, b) => a.cost - b.cost)
  return differing(found, most, (fit) => {
    // A list beside the stations, or the longest a plan may last, can forbid what the sum allows.
    const timeline = compileTimeline(withTiming(plan, circuits, fit), paces)
    return timeline.ok && timeline.value.total === plan.slotSeconds - fit.spareSeconds
  })
}

/** The first `most` fits that hold, each of another work or number of laps. */
function differing(fits: readonly Fit[], most: number, holds: (fit: Fit) => boolean): Fit[] {
  const kept = new Map<string, Fit>()
  for (const fit of fits) {
    if (kept.size === most) break
    const key = `${fit.workSeconds}/${fit.laps}`
    if (!kept.has(key) && holds(fit)) kept.set(key, fit)
  }
  return [...kept.values()]
}
