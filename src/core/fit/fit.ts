import type { SimpleCircuit } from '../plan/edit'
import type { Plan } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import type { Seconds } from '../units'

/** The four numbers of a circuit that can be fitted. */
export interface Timing {
  workSeconds: Seconds
  transitionSeconds: Seconds
  laps: number
  lapRestSeconds: Seconds
}

export interface FitWish {
  /** Work to rest, such as 2 for 2 : 1; left out, only closeness to the present numbers counts. */
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

const range = (from: number, to: number, by: number): number[] => Array.from({ length: Math.floor((to - from) / by) + 1 }, (_, index) => from + index * by)

export const timingOf = (circuit: SimpleCircuit): Timing => ({
  workSeconds: circuit.stay.workSeconds[0]!,
  transitionSeconds: circuit.transition.seconds,
  laps: circuit.laps,
  lapRestSeconds: circuit.lapRestSeconds,
})

/** The plan with the circuit's numbers replaced. */
export function withTiming(plan: Plan, circuit: SimpleCircuit, timing: Timing): Plan {
  const changed: SimpleCircuit = {
    ...circuit,
    laps: timing.laps,
    lapRestSeconds: timing.lapRestSeconds,
    transition: { ...circuit.transition, seconds: timing.transitionSeconds },
    stay: { ...circuit.stay, workSeconds: [timing.workSeconds] },
  }
  return { ...plan, parts: plan.parts.map((part) => ({ ...part, pieces: part.pieces.map((piece) => (piece.id === circuit.id ? changed : piece)) })) }
}

/** What may be tried for each number: steps of 5 s, single laps, and always the present value. */
function choices(circuit: SimpleCircuit, locked: FitWish['locked']): Record<keyof Timing, number[]> {
  const now = timingOf(circuit)
  const free: Record<keyof Timing, number[]> = {
    workSeconds: range(15, 180, step),
    transitionSeconds: range(circuit.travel === 'rotate' ? 10 : 0, 60, step),
    laps: range(1, 10, 1),
    lapRestSeconds: range(0, 120, 15),
  }
  const of = (key: keyof Timing) => (locked.has(key) ? [now[key]] : [...new Set([...free[key], now[key]])])
  return { workSeconds: of('workSeconds'), transitionSeconds: of('transitionSeconds'), laps: of('laps'), lapRestSeconds: of('lapRestSeconds') }
}

/** How far `timing` is from the wish and from the present numbers. */
export function costOf(timing: Timing, spare: Seconds, now: Timing, ratio: number | undefined): number {
  const off = ratio === undefined ? 0 : Math.abs(Math.log(timing.workSeconds / Math.max(1, timing.transitionSeconds) / ratio)) * 8
  const changes =
    Math.abs(timing.workSeconds - now.workSeconds) / 10 +
    Math.abs(timing.transitionSeconds - now.transitionSeconds) / 5 +
    Math.abs(timing.laps - now.laps) * 0.8 +
    Math.abs(timing.lapRestSeconds - now.lapRestSeconds) / 30
  return off + changes + spare / 60
}

/**
 * Ranked timings of a circuit with which the class fills its slot, at most `most`, of different work and laps.
 * An exhaustive search: nothing it could have chosen costs less. Empty when nothing fits within three minutes of the slot.
 */
export function fitToSlot(plan: Plan, circuit: SimpleCircuit, wish: FitWish, most = 5): Fit[] {
  const now = timingOf(circuit)
  const { workSeconds, transitionSeconds, laps, lapRestSeconds } = choices(circuit, wish.locked)
  const found: Fit[] = []
  for (const transition of transitionSeconds) {
    const total = totalsFor(plan, circuit, transition)
    if (!total) continue
    for (const work of workSeconds) {
      for (const lap of laps) {
        for (const lapRest of lap === 1 ? [now.lapRestSeconds] : lapRestSeconds) {
          const spare = plan.slotSeconds - total(work, lap, lapRest)
          if (spare < 0 || spare > mostSpareSeconds) continue
          const timing = { workSeconds: work, transitionSeconds: transition, laps: lap, lapRestSeconds: lapRest }
          found.push({ ...timing, spareSeconds: spare, cost: costOf(timing, spare, now, wish.ratio) })
        }
      }
    }
  }
  found.sort((a, b) => a.cost - b.cost)
  const seen = new Set<string>()
  return found.filter(({ workSeconds: work, laps: lap }) => !seen.has(`${work}/${lap}`) && seen.add(`${work}/${lap}`)).slice(0, most)
}

/**
 * The class's total as a function of work, laps and lap rest, for one transition. All of it is linear but for the breaks at
 * the circuit's end, which depend on the transition alone: one compilation tells them.
 */
function totalsFor(plan: Plan, circuit: SimpleCircuit, transition: Seconds): ((work: Seconds, laps: number, lapRest: Seconds) => Seconds) | undefined {
  const repeats = plan.parts.find((part) => part.pieces.some((piece) => piece.id === circuit.id))!.repeat
  const single = compileTimeline(withTiming(plan, circuit, { workSeconds: 1, transitionSeconds: transition, laps: 1, lapRestSeconds: 0 }))
  if (!single.ok) return undefined
  const intervals = circuit.stations.reduce((sum, station) => sum + (circuit.travel === 'together' && station.uses[0]?.sides === 'ownInterval' ? 2 : 1), 0)
  // Between the two sides of one exercise there is only the gap.
  const { gapSeconds, setRestSeconds } = circuit.stay
  const breakSeconds = Math.max(transition, gapSeconds, setRestSeconds)
  const within = (circuit.stations.length - 1) * breakSeconds + (intervals - circuit.stations.length) * gapSeconds
  const rest = single.value.total - repeats * (intervals + within)
  return (work, laps, lapRest) => rest + repeats * (laps * (intervals * work + within) + (laps - 1) * Math.max(breakSeconds, lapRest))
}
