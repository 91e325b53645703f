import { countGear, type GearCount } from '../gear/count'
import { makeGroups } from '../grouping/groups'
import type { ClassDocument } from '../hall/class-document'
import type { Exercise } from '../hall/exercise'
import { commonFigures, type HallFigures } from '../hall/figures'
import type { GearKind } from '../hall/gear-kind'
import type { Person } from '../hall/person'
import type { Circuit } from '../plan/plan'
import { rotatingCircuits, turnsOf, turnsPerLap, wavesOf } from '../plan/turns'
import type { Problem, Result } from '../result'
import { loopRotation, type Rotation } from '../rotation/loop'
import { inWaves } from '../rotation/waves'
import { classSentences } from '../summary/sentences'
import { compileTimeline } from '../timeline/compile'
import type { Paces } from '../timeline/pace'
import type { Timeline } from '../timeline/phase'

/** What a class is computed against. */
export interface HallLibrary {
  people: readonly Person[]
  exercises: readonly Exercise[]
  gear: readonly GearKind[]
  /** Left out, the common figures. */
  figures?: HallFigures
}

export interface ComputedClass {
  timeline: Result<Timeline>
  sentences?: [string, string]
  people: Person[]
  groups: Person[][]
  /** The rotation of each circuit in which people rotate, or why there is none. */
  rotations: { circuit: Circuit; rotation: Result<Rotation> }[]
  gear: GearCount
  problems: Problem[]
}

/** The people who are here, in the order in which they came; ids that the hall no longer knows are left out. */
export function peopleHere(document: Pick<ClassDocument, 'here' | 'walkIns'>, people: readonly Person[]): Person[] {
  const byId = new Map([...people, ...document.walkIns].map((person) => [person.id, person]))
  return document.here.flatMap((id) => byId.get(id) ?? [])
}

export const figuresOf = (library: Pick<HallLibrary, 'figures'>): HallFigures => library.figures ?? commonFigures

/** The hall's own paces; exercises without one go at the hall's common pace. */
export function pacesOf(library: Pick<HallLibrary, 'exercises' | 'figures'>): Paces {
  const { repPace, slowingPercent } = figuresOf(library)
  const of = new Map(library.exercises.flatMap((exercise) => (exercise.pace ? [[exercise.id, exercise.pace] as const] : [])))
  return { of, common: repPace, slowingPercent }
}

/** Everything that follows from a class: time, groups, who is where, and gear. */
export function computeClass(document: ClassDocument, library: HallLibrary): ComputedClass {
  const { plan } = document
  const timeline = compileTimeline(plan, pacesOf(library))
  const people = peopleHere(document, library.people)
  const circuits = rotatingCircuits(plan)
  const places = circuits.map((circuit) => turnsPerLap(circuit) * wavesOf(circuit))
  const groups = makeGroups(people, document.groupSize, places.length > 0 ? Math.min(...places) : people.length)
  const sizes = groups.map((group) => group.length)
  const rotations = circuits.map((circuit) => ({ circuit, rotation: inWaves(sizes, wavesOf(circuit), (wave) => loopRotation(circuit.stations, wave, turnsOf(circuit))) }))
  const found = new Map<string, Rotation>()
  for (const { circuit, rotation } of rotations) if (rotation.ok) found.set(circuit.id, rotation.value)
  const gear = countGear({ plan, exercises: library.exercises, kinds: library.gear, groups, rotations: found })
  return {
    timeline,
    sentences: timeline.ok ? classSentences(plan, timeline.value, sizes) : undefined,
    people,
    groups,
    rotations,
    gear,
    problems: [timeline, ...rotations.map(({ rotation }) => rotation)].flatMap((result) => (result.ok ? [] : result.problems)),
  }
}
