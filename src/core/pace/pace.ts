import { commonSettings } from '../library/hall-settings'
import type { Level } from '../library/level'
import type { Task, Use } from '../plan/plan'
import type { Seconds } from '../base/units'
import { tempoSeconds } from './tempo'

/** How long something self-paced takes: the quick, most people, the slow. */
export interface Estimate {
  low: Seconds
  typical: Seconds
  high: Seconds
}

/** Which end of an estimate: `low` takes the least time. */
export type End = keyof Estimate

/**
 * How fast people are: seconds a rep by exercise id, else the common pace; and how many per cent slower with each minute. In each
 * of these `low` is the trained, `typical` the regular, `high` the newcomer; `whose` says which of them stands at which end of
 * an estimate.
 */
export interface Paces {
  byExercise: ReadonlyMap<string, Estimate>
  common: Estimate
  slowingPercent: Estimate
  whose: Record<End, Level>
}

/** Nobody is known: the quick are the trained, the slow are newcomers. */
const everyLevel: Record<End, Level> = { low: 'trained', typical: 'regular', high: 'newcomer' }

export const commonPaces: Paces = {
  byExercise: new Map(),
  common: commonSettings.repPace,
  slowingPercent: commonSettings.slowingPercent,
  whose: everyLevel,
}

/** Whose pace each end of an estimate is when these are here: the quickest level, that of the middle one, the slowest. */
export function whoseAmong(levels: readonly Level[]): Record<End, Level> {
  const order = Object.values(everyLevel)
  const sorted = [...levels].sort((a, b) => order.indexOf(a) - order.indexOf(b))
  if (sorted.length === 0) return everyLevel
  return { low: sorted[0]!, typical: sorted[Math.floor(sorted.length / 2)]!, high: sorted.at(-1)! }
}

const endOfLevel: Record<Level, End> = { trained: 'low', regular: 'typical', newcomer: 'high' }

/**
 * People of one level are not equally fast either: the trained take 2:20 to 2:40 for the same 150 reps (common practice), 7 % to
 * either side.
 */
const apartWithinLevel: Record<End, number> = { low: 0.93, typical: 1, high: 1.07 }

/** Seconds a rep of an exercise takes at one end. */
function repSeconds(exerciseId: string, paces: Paces, end: End): Seconds {
  const pace = (paces.byExercise.get(exerciseId) ?? paces.common)[endOfLevel[paces.whose[end]]]
  return paces.whose.low === paces.whose.high ? pace * apartWithinLevel[end] : pace
}

const byEnd = (make: (end: End) => number): Estimate => ({ low: make('low'), typical: make('typical'), high: make('high') })

/** Single movements in `use`: reps of each side, or of two counts that make one, are two. */
export function movements(use: Use, reps = use.reps?.count ?? 0): number {
  const counted = use.reps?.counted ?? 'total'
  return counted === 'eachSide' || counted === 'twoCountsOne' ? reps * 2 : reps
}

/** Work split by what tiredness does to it: the clock's seconds stay, reps take longer. */
interface Work {
  fixed: Seconds
  reps: Seconds
}

const none: Work = { fixed: 0, reps: 0 }
const plus = (a: Work, b: Work, times = 1): Work => ({ fixed: a.fixed + b.fixed * times, reps: a.reps + b.reps * times })
const total = (works: readonly Work[]): Work => works.reduce((sum, work) => plus(sum, work), none)

/** One item for one end: its seconds, or its reps (those of the level's dose, or of a rung) at the tempo or the exercise's pace. */
function itemWork(use: Use, paces: Paces, end: End, rung?: number): Work {
  const dose = use.dose?.[paces.whose[end]]
  if (use.seconds !== undefined) return { fixed: (dose?.seconds ?? use.seconds) * (use.sides === 'none' ? 1 : 2), reps: 0 }
  const count = movements(use, rung ?? dose?.reps ?? use.reps?.count)
  const tempo = tempoSeconds(use)
  return tempo === undefined ? { fixed: 0, reps: count * repSeconds(use.exerciseId, paces, end) } : { fixed: count * tempo, reps: 0 }
}

/**
 * Seconds that work takes when reps slow down steadily with the time spent: `d(time)/d(reps) = 1 + rate × time` has the solution
 * `(e^(rate × reps) − 1) / rate`.
 */
function lasts({ fixed, reps }: Work, paces: Paces, end: End): Seconds {
  const rate = paces.slowingPercent[endOfLevel[paces.whose[end]]] / 100 / 60
  return fixed + (rate > 0 ? Math.expm1(rate * reps) / rate : reps)
}

/** How long one item of a list takes, fresh. `rung` stands for its reps. */
export const itemSeconds = (use: Use, paces: Paces, rung?: number): Estimate =>
  byEnd((end) => {
    const { fixed, reps } = itemWork(use, paces, end, rung)
    return fixed + reps
  })

/**
 * Seconds that a rep takes when it is called for the whole room: as two led ladders are known to have gone (common practice), eight
 * exercises 10-8-6-4-2 in about 11:00, and two in about 4:25, with 15 s between rungs. Nobody's level or tiredness changes it.
 */
export const ledPace: Estimate = { low: 2.5, typical: 2.9, high: 3.4 }

/** How long one rung (from 0) of a ladder lasts that the room climbs together: as it is set, or as the calls take. */
export function ledRungSeconds(stay: Task, uses: readonly Use[], rung: number): Estimate {
  const set = stay.rungClock?.seconds
  const called = (use: Use, end: End) => use.seconds ?? movements(use, stay.rungs![rung]) * (tempoSeconds(use) ?? ledPace[end])
  return byEnd((end) => set ?? uses.reduce((sum, use) => sum + called(use, end), 0))
}

/** The whole of it, the rests between its rungs included. */
const ledSeconds = (stay: Task, uses: readonly Use[]): Estimate =>
  byEnd((end) =>
    stay.rungs!.reduce((sum, _, rung) => sum + ledRungSeconds(stay, uses, rung)[end] + (rung > 0 ? stay.rungRestSeconds : 0), 0),
  )

const openerWork = (stay: Task, uses: readonly Use[], paces: Paces, end: End) =>
  total(uses.slice(0, stay.openerCount).map((use) => itemWork(use, paces, end)))
const roundWork = (stay: Task, uses: readonly Use[], paces: Paces, end: End, rung?: number) =>
  total(uses.slice(stay.openerCount).map((use) => itemWork(use, paces, end, rung)))

/** Once through the list, fresh, without its opener. */
export const roundSeconds = (stay: Task, uses: readonly Use[], paces: Paces): Estimate =>
  byEnd((end) => {
    const { fixed, reps } = roundWork(stay, uses, paces, end)
    return fixed + reps
  })

/** The whole of a list that is finished: the opener, then every rung, or as many rounds as are aimed at (one if none are). */
export function finishSeconds(stay: Task, uses: readonly Use[], paces: Paces): Estimate {
  if (stay.rungs && stay.rungClock) return ledSeconds(stay, uses)
  return byEnd((end) => {
    const opener = openerWork(stay, uses, paces, end)
    if (!stay.rungs) return lasts(plus(opener, roundWork(stay, uses, paces, end), stay.aimRounds ?? 1), paces, end)
    const rungs = total(stay.rungs.map((rung) => roundWork(stay, uses, paces, end, rung)))
    return lasts(plus(opener, rungs), paces, end) + stay.rungRestSeconds * (stay.rungs.length - 1)
  })
}

/** Reps of a rung ladder over a list: `240` for 10-8-6-4-2 of eight exercises; those counted on each side are two. */
export function ladderReps(stay: Task, uses: readonly Use[]): number {
  const list = uses.slice(stay.openerCount)
  return (stay.rungs ?? []).reduce((sum, reps) => sum + list.reduce((counted, use) => counted + movements(use, reps), 0), 0)
}

/** Rounds (whole and part) done after `seconds`, the opener before them; by halving, as time only grows with rounds. */
function roundsAfter(seconds: Seconds, stay: Task, uses: readonly Use[], paces: Paces, end: End): number {
  const opener = openerWork(stay, uses, paces, end)
  const round = roundWork(stay, uses, paces, end)
  const timeOf = (rounds: number) => lasts(plus(opener, round, rounds), paces, end)
  if (timeOf(0) >= seconds) return 0
  let low = 0
  let high = seconds / (round.fixed + round.reps)
  for (let step = 0; step < 40; step++) {
    const middle = (low + high) / 2
    if (timeOf(middle) <= seconds) low = middle
    else high = middle
  }
  return high
}

/**
 * Whole and part rounds that a cap allows after the opener, for the slow, most people and the quick (`low` is the fewest). Zero
 * when the opener alone takes longer; `undefined` when the list has no length.
 */
export function roundsWithin(capSeconds: Seconds, stay: Task, uses: readonly Use[], paces: Paces): Estimate | undefined {
  if (roundSeconds(stay, uses, paces).low <= 0) return undefined
  const rounds = (end: End) => roundsAfter(capSeconds, stay, uses, paces, end)
  return { low: rounds('high'), typical: rounds('typical'), high: rounds('low') }
}

/** Where somebody is in a list: the round (from 0, `undefined` in the opener), and the item (from 0, in the whole list). */
export interface ListPlace {
  round?: number
  item: number
  done: boolean
}

/** Where the quick, most people and the slow probably are after `seconds` of a list. `done` when there is nothing left to do. */
export function listPlaceAt(seconds: Seconds, stay: Task, uses: readonly Use[], paces: Paces): Record<End, ListPlace> {
  const place = (end: End): ListPlace => {
    const last = uses.length - 1
    let work = none
    const passes = (use: Use, rung?: number) => {
      work = plus(work, itemWork(use, paces, end, rung))
      return lasts(work, paces, end) <= seconds
    }
    for (let item = 0; item < stay.openerCount; item++) if (!passes(uses[item]!)) return { item, done: false }
    const most = stay.rungs?.length ?? (stay.goal === 'finish' ? (stay.aimRounds ?? 1) : Infinity)
    if (roundSeconds(stay, uses, paces)[end] <= 0) return { item: Math.max(0, last), done: true }
    for (let round = 0; round < most; round++) {
      for (let item = stay.openerCount; item <= last; item++)
        if (!passes(uses[item]!, stay.rungs?.[round])) return { round, item, done: false }
      if (stay.rungs) work = plus(work, { fixed: stay.rungRestSeconds, reps: 0 })
    }
    return { round: most - 1, item: last, done: true }
  }
  return { low: place('low'), typical: place('typical'), high: place('high') }
}
