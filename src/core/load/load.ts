import type { ComputedClass, HallLibrary } from '../class/compute'
import { doingOf } from '../doing/doing'
import { knownIn } from '../doing/exceptions'
import type { Doer } from '../options/form-for'
import { Pattern, Region } from '../library/exercise'
import type { Form } from '../library/form'
import type { Circuit, Plan, Use } from '../plan/plan'
import type { Paces } from '../pace/pace'
import { timeShares } from '../pace/shares'
import type { Phase, Timeline } from '../timeline/phase'
import { circuitsById, stationsAtWork, type StationAtWork } from '../timeline/uses'
import type { Kilograms, Seconds } from '../base/units'

/** What the class asks of one person who does all of it; at rotating stations, the mean over the stations, and over the people. */
export interface ClassLoad {
  /** Seconds of work by region: an exercise of two regions gives half to each. */
  byRegion: Record<Region, Seconds>
  byPattern: Record<Pattern, Seconds>
  /** Seconds of work whose exercise the hall does not know, or that have none yet. */
  unknown: Seconds
  /** Middle of the MET range along the class, a step for each stretch of equal intensity. */
  intensity: { start: Seconds; met: number }[]
  metMinutes: Range
  /** For a person of the least and of the most weight reckoned with. */
  kilocalories: Range
}

interface Range {
  low: number
  high: number
}

/** What standing about and walking over take (Compendium of Physical Activities 2011, Ainsworth et al.; from memory). */
const betweenMet: Range = { low: 1.8, high: 3 }

export const leastKilograms: Kilograms = 60
export const mostKilograms: Kilograms = 90

/** kcal a minute = MET × 3.5 × kg / 200 (ACSM guidelines; from memory). */
export const kilocaloriesPerMinute = (met: number, kilograms: Kilograms): number => (met * 3.5 * kilograms) / 200

const zero = <Key extends string>(keys: readonly Key[]) => Object.fromEntries(keys.map((key) => [key, 0])) as Record<Key, number>

/** Seconds of one exercise, of none that is known, or of a rest in a phase of the class. */
interface Spell {
  form: Form | undefined
  seconds: Seconds
  rests?: boolean
}

/** Who is here, as far as that is known: it changes what is done, and how much of it. */
export type WhoWorks = Partial<Pick<ComputedClass, 'people' | 'groups' | 'choices'>>

/** The share of a stay in which somebody works, over all who are here: half of it where two take turns, and all for who is alone. */
function shareOfWork(circuit: Circuit | undefined, groups: ComputedClass['groups']): number {
  const people = groups.flat().length
  if (!circuit || circuit.pairs === 'both' || people === 0) return 1
  return groups.reduce((sum, { length }) => sum + (length > 1 ? length / 2 : length), 0) / people
}

/** A form that is done of a use by so much of the class, and the seconds of an interval in which it is. */
interface Share {
  form: Form | undefined
  ofClass: number
  workedSeconds?: Seconds | undefined
}

/** What is done of a use: by each who is here their own, by nobody in particular what everyone does. Worked out once for each use. */
function sharesOf(library: HallLibrary, { people = [], choices }: WhoWorks): (use: Use) => Share[] {
  const known = knownIn(library, choices)
  const found = new Map<Use, Share[]>()
  return (use) => {
    const before = found.get(use)
    if (before) return before
    const doers: (Doer | undefined)[] = people.length > 0 ? [...people] : [undefined]
    const shares = doers.map((doer): Share => {
      const { form, workedSeconds } = doingOf(use, doer, known)
      return { form, workedSeconds, ofClass: 1 / doers.length }
    })
    found.set(use, shares)
    return shares
  }
}

/** What the class does, shared out over the stations: nobody is at more than one of them. */
function spellsIn(
  timeline: Timeline,
  atWork: (phase: Phase) => readonly Pick<StationAtWork, 'uses' | 'station'>[],
  shares: (use: Use) => Share[],
  paces: Paces,
) {
  return (phase: Phase): Spell[] =>
    stretchesOf(phase, timeline).flatMap((stretch) => {
      const stations = atWork(stretch.phase)
      const seconds = stretch.seconds / stations.length
      return stations.flatMap(({ uses, station }): Spell[] => {
        if (uses.length === 0) return [{ form: undefined, seconds, rests: station.rest }]
        const times = timeShares(uses, paces)
        return uses.flatMap((use, index) =>
          shares(use).map(({ form, ofClass, workedSeconds = Infinity }) => {
            const worked = stretch.phase.selfPaced ? 1 : Math.min(1, workedSeconds / stretch.phase.seconds)
            return { form, seconds: seconds * times[index]! * ofClass * worked }
          }),
        )
      })
    })
}

/**
 * The load picture of a class: the mean over those who are here, each with their own options and doses, partners who take turns at
 * rest while the other works. Estimates throughout: shown as ranges, never as one figure.
 */
export function loadOf(plan: Plan, timeline: Timeline, library: HallLibrary, paces: Paces, who: WhoWorks = {}): ClassLoad {
  const spellsOf = spellsIn(timeline, stationsAtWork(plan), sharesOf(library, who), paces)
  const circuits = circuitsById(plan)
  const byRegion = zero(Region.options)
  const byPattern = zero(Pattern.options)
  const intensity: ClassLoad['intensity'] = []
  const metMinutes: Range = { low: 0, high: 0 }
  let unknown = 0
  for (const phase of timeline.phases) {
    const met: Range = { low: 0, high: 0 }
    let known = 0
    const share = shareOfWork(circuits.get(phase.pieceId), who.groups ?? [])
    for (const { form, seconds: stay, rests } of spellsOf(phase)) {
      if (rests) continue
      const seconds = stay * share
      if (!form) {
        unknown += seconds
        continue
      }
      for (const region of form.regions) byRegion[region] += seconds / form.regions.length
      byPattern[form.pattern] += seconds
      known += seconds
      met.low += form.met.low * seconds
      met.high += form.met.high * seconds
    }
    const rest = phase.seconds - known
    const low = met.low + betweenMet.low * rest
    const high = met.high + betweenMet.high * rest
    metMinutes.low += low / 60
    metMinutes.high += high / 60
    const middle = (low + high) / 2 / phase.seconds
    if (intensity.at(-1)?.met !== middle) intensity.push({ start: phase.start, met: middle })
  }
  const kilocalories = {
    low: kilocaloriesPerMinute(metMinutes.low, leastKilograms),
    high: kilocaloriesPerMinute(metMinutes.high, mostKilograms),
  }
  return { byRegion, byPattern, unknown, intensity, metMinutes, kilocalories }
}

/** What one person does in a phase: of a class in two waves half of it at the stations, half of it the list beside them. */
function stretchesOf(phase: Phase, { meanwhile }: Timeline): { phase: Phase; seconds: Seconds }[] {
  if (phase.wave === undefined) return [{ phase, seconds: phase.seconds }]
  const shared = (beside: Phase) =>
    Math.min(phase.start + phase.seconds, beside.start + beside.seconds) - Math.max(phase.start, beside.start)
  const besides = meanwhile.flatMap((beside) => (shared(beside) > 0 ? [{ phase: beside, seconds: shared(beside) / 2 }] : []))
  return [{ phase, seconds: phase.seconds / 2 }, ...besides]
}

/** Regions by how much the class works them, most first. */
export const regionsByLoad = (load: Pick<ClassLoad, 'byRegion'>): Region[] =>
  [...Region.options].sort((a, b) => load.byRegion[b] - load.byRegion[a])
