import { exercisesById } from '../library/by-id'
import type { HallLibrary } from '../class/compute'
import { Pattern, Region } from '../library/exercise'
import { formOf, type Form } from '../library/form'
import type { Plan, Station, Use } from '../plan/plan'
import { itemSeconds, type Paces } from '../pace/pace'
import type { Phase, Timeline } from '../timeline/phase'
import { stationsAtWork } from '../timeline/uses'
import type { Kilograms, Seconds } from '../base/units'

/** What the class asks of one person who does all of it; at rotating stations, the mean over the stations. */
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

/** Seconds of one exercise, or of none that is known, in a phase of one person's class. */
interface Spell {
  form: Form | undefined
  seconds: Seconds
}

/** What the class does, shared out over the stations: nobody is at more than one of them. */
function spellsIn(
  timeline: Timeline,
  atWork: (phase: Phase) => readonly Pick<Station, 'uses'>[],
  formFor: (use: Use) => Form | undefined,
  paces: Paces,
) {
  return (phase: Phase): Spell[] =>
    stretchesOf(phase, timeline).flatMap((stretch) => {
      const stations = atWork(stretch.phase)
      const seconds = stretch.seconds / stations.length
      return stations.flatMap(({ uses }): Spell[] => {
        if (uses.length === 0) return [{ form: undefined, seconds }]
        const shares = timeShares(uses, paces)
        return uses.map((use, index) => ({ form: formFor(use), seconds: seconds * shares[index]! }))
      })
    })
}

/** The load picture of a class. Estimates throughout: shown as ranges, never as one figure. */
export function loadOf(plan: Plan, timeline: Timeline, library: HallLibrary, paces: Paces): ClassLoad {
  const exercises = exercisesById(library.exercises)
  const formFor = (use: Use): Form | undefined => {
    const exercise = exercises.get(use.exerciseId)
    return exercise && formOf(exercise, use.optionId)
  }
  const spellsOf = spellsIn(timeline, stationsAtWork(plan), formFor, paces)
  const byRegion = zero(Region.options)
  const byPattern = zero(Pattern.options)
  const intensity: ClassLoad['intensity'] = []
  const metMinutes: Range = { low: 0, high: 0 }
  let unknown = 0
  for (const phase of timeline.phases) {
    const met: Range = { low: 0, high: 0 }
    let known = 0
    for (const { form, seconds } of spellsOf(phase)) {
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
function stretchesOf(phase: Phase, { meanwhile = [] }: Timeline): { phase: Phase; seconds: Seconds }[] {
  if (phase.wave === undefined) return [{ phase, seconds: phase.seconds }]
  const shared = (beside: Phase) =>
    Math.min(phase.start + phase.seconds, beside.start + beside.seconds) - Math.max(phase.start, beside.start)
  const besides = meanwhile.flatMap((beside) => (shared(beside) > 0 ? [{ phase: beside, seconds: shared(beside) / 2 }] : []))
  return [{ phase, seconds: phase.seconds / 2 }, ...besides]
}

/** How a stretch of a list is shared out among its items: by how long each usually takes. */
function timeShares(uses: readonly Use[], paces: Paces): number[] {
  if (uses.length === 1) return [1]
  const seconds = uses.map((use) => itemSeconds(use, paces).typical)
  const total = seconds.reduce((sum, value) => sum + value, 0)
  return seconds.map((own) => (total > 0 ? own / total : 1 / uses.length))
}

/** Regions by how much the class works them, most first. */
export const regionsByLoad = (load: Pick<ClassLoad, 'byRegion'>): Region[] =>
  [...Region.options].sort((a, b) => load.byRegion[b] - load.byRegion[a])
