import type { Level, Task, Use } from '../plan/plan'
import type { Seconds } from '../units'

/** How long something self-paced takes: the quick, most people, the slow. */
export interface Estimate {
  low: Seconds
  typical: Seconds
  high: Seconds
}

export type Pace = Estimate

/**
 * Seconds a rep, the way to the next exercise included. Common practice: 1 s for the trained, 2 to 3 s in a mixed class; five
 * exercises of 20 reps in about four minutes.
 */
export const commonPace: Pace = { low: 1, typical: 2.4, high: 3 }

/** Paces of exercises by id; those not named go at the common pace. */
export type Paces = ReadonlyMap<string, Pace>

const each = (make: (key: keyof Estimate) => number): Estimate => ({ low: make('low'), typical: make('typical'), high: make('high') })

const sum = (estimates: readonly Estimate[]): Estimate => each((key) => estimates.reduce((total, estimate) => total + estimate[key], 0))

/** Single movements in `use`: reps of each side, or of two counts that make one, are two. */
export function movements(use: Use, reps = use.reps?.count ?? 0): number {
  const counted = use.reps?.counted ?? 'total'
  return counted === 'eachSide' || counted === 'twoCountsOne' ? reps * 2 : reps
}

/** How long one item of a list takes: its seconds, or its reps at the pace of the exercise or at its tempo. `reps` stands for those of a rung. */
export function itemSeconds(use: Use, paces: Paces, reps?: number): Estimate {
  if (use.seconds !== undefined && reps === undefined) {
    const seconds = use.seconds * (use.sides === 'none' ? 1 : 2)
    return { low: seconds, typical: seconds, high: seconds }
  }
  const count = movements(use, reps)
  const rep = use.tempo?.figures.reduce((total, figure) => total + figure, 0)
  const pace = paces.get(use.exerciseId) ?? commonPace
  return each((key) => count * (rep || pace[key]))
}

/** Once through the list, without its opener. */
export function roundSeconds(stay: Task, uses: readonly Use[], paces: Paces): Estimate {
  return sum(uses.slice(stay.openerCount).map((use) => itemSeconds(use, paces)))
}

/** The whole of a list that is finished: the opener, then every rung, or as many rounds as are aimed at (one if none are). */
export function finishSeconds(stay: Task, uses: readonly Use[], paces: Paces): Estimate {
  const opener = sum(uses.slice(0, stay.openerCount).map((use) => itemSeconds(use, paces)))
  const list = uses.slice(stay.openerCount)
  if (!stay.rungs) {
    const round = roundSeconds(stay, uses, paces)
    return each((key) => opener[key] + round[key] * (stay.aimRounds ?? 1))
  }
  const rungs = stay.rungs.map((reps) => sum(list.map((use) => itemSeconds(use, paces, use.seconds === undefined ? reps : undefined))))
  const rests = stay.rungRestSeconds * (stay.rungs.length - 1)
  const worked = sum(rungs)
  return each((key) => opener[key] + worked[key] + rests)
}

/** Reps of a rung ladder over a list: `240` for 10-8-6-4-2 of eight exercises; those counted on each side are two. */
export function ladderReps(stay: Task, uses: readonly Use[]): number {
  const list = uses.slice(stay.openerCount)
  return (stay.rungs ?? []).reduce((total, reps) => total + list.reduce((of, use) => of + movements(use, reps), 0), 0)
}

/**
 * Whole and part rounds that a cap allows after the opener, for the slow, most people and the quick (`low` is the fewest).
 * Zero when the opener alone takes longer; `undefined` when the list has no length.
 */
export function roundsWithin(capSeconds: Seconds, stay: Task, uses: readonly Use[], paces: Paces): Estimate | undefined {
  const opener = sum(uses.slice(0, stay.openerCount).map((use) => itemSeconds(use, paces)))
  const round = roundSeconds(stay, uses, paces)
  if (round.low <= 0) return undefined
  const rounds = (key: keyof Estimate) => Math.max(0, capSeconds - opener[key]) / round[key]
  return { low: rounds('high'), typical: rounds('typical'), high: rounds('low') }
}

/** Whose pace each end of an estimate is, roughly. */
export const paceOfLevel: Record<Level, keyof Estimate> = { trained: 'low', regular: 'typical', newcomer: 'high' }
