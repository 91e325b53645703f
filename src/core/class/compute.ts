import { noChoices, type Choices } from '../gear/choices'
import { sharedOut } from '../gear/share-out'
import { countGear, nothingCounted, type GearCount } from '../gear/count'
import { groupsOf } from '../grouping/arranged'
import { counted, numbered } from './head-count'
import { groupCount } from '../grouping/groups'
import type { ClassDocument } from './class-document'
import { showing } from './demonstrators'
import type { Exercise } from '../library/exercise'
import { commonSettings, type HallSettings } from '../library/hall-settings'
import { usableIn, type GearKind } from '../library/gear-kind'
import type { Person } from '../library/person'
import type { Doer } from '../options/form-for'
import type { Circuit, Plan } from '../plan/plan'
import { rotatingCircuits, turnsOf, turnsPerLap, wavesOf } from '../plan/turns'
import type { Problem, Result } from '../base/result'
import type { Rotation } from '../rotation/rotation'
import { isMixing, rotationBy, type RotationChoice } from '../rotation/rule'
import { inWaves } from '../rotation/waves'
import { classSentences, movingsOf } from '../summary/sentence/class-sentences'
import { compileTimeline } from '../timeline/compile'
import { whoseAmong, type Paces } from '../pace/pace'
import type { Timeline } from '../timeline/phase'

/** What a class is computed against. */
export interface HallLibrary {
  people: readonly Person[]
  exercises: readonly Exercise[]
  gear: readonly GearKind[]
  /** Left out, the common figures. */
  figures?: HallSettings
}

/** How people move in one circuit. `units` are those that move: groups, or single people where partners change. */
export interface CircuitRotation {
  circuit: Circuit
  choice: RotationChoice
  units: Doer[][]
  rotation: Result<Rotation>
}

export interface ComputedClass {
  timeline: Result<Timeline>
  sentences?: [string, string]
  /** Who is in the room. */
  people: Doer[]
  /** How fast they are. */
  paces: Paces
  /** Who follows from home. */
  atHome: Doer[]
  groups: Doer[][]
  /** The rotation of each circuit in which people rotate, or why there is none. */
  rotations: CircuitRotation[]
  /** Who takes which, where an exercise has alternatives. */
  choices: Choices
  gear: GearCount
  problems: Problem[]
}

/**
 * The people who are here, in the order in which they came and then those who were only counted, with the sizes and options they take
 * in this class and the version that they show;
 * ids that the hall no longer knows are left out.
 */
export function peopleHere(
  document: Pick<ClassDocument, 'here' | 'walkIns' | 'sizes' | 'options' | 'demonstrators' | 'headCount'> &
    Partial<Pick<ClassDocument, 'startsAt'>>,
  people: readonly Person[],
): Doer[] {
  const byId = new Map([...people, ...document.walkIns].map((person) => [person.id, person]))
  const shown = showing(document)
  const named = document.here.flatMap((id) => {
    const person = byId.get(id)
    const sizes = document.sizes?.[id]
    const options = document.options?.[id]
    const shows = (['easier', 'harder'] as const).find((version) => shown[version] === id)
    if (!person || (!sizes && !options && !shows)) return person ? [person] : []
    return [{ ...person, ...(sizes && { loads: { ...person.loads, ...sizes } }), ...(options && { options }), ...(shows && { shows }) }]
  })
  return [...named, ...counted(document.headCount ?? 0, document.startsAt)]
}

export const settingsOf = (library: Pick<HallLibrary, 'figures'>): HallSettings => library.figures ?? commonSettings

/** What of a hall its paces are made of. */
export interface PacesKnown {
  exercises: readonly Pick<Exercise, 'id' | 'pace'>[]
  figures?: HallSettings
}

/** The hall's own paces, for these people or for all levels; exercises without one go at the hall's common pace. */
export function pacesOf(library: PacesKnown, people: readonly Pick<Person, 'level'>[] = []): Paces {
  const { repPace, slowingPercent } = settingsOf(library)
  const byExercise = new Map(library.exercises.flatMap((exercise) => (exercise.pace ? [[exercise.id, exercise.pace] as const] : [])))
  return { byExercise, common: repPace, slowingPercent, whose: whoseAmong(people.map(({ level }) => level)) }
}

/** Groups that have a place at once in every rotation of the plan; as many as people where nobody rotates. */
export function groupPlaces(plan: Plan, people: number): number {
  const places = rotatingCircuits(plan).map((circuit) => turnsPerLap(circuit) * wavesOf(circuit))
  return places.length > 0 ? Math.min(...places) : people
}

/** How people go round a circuit: in their groups, or each alone where a rule mixes them. */
export function rotationOf(
  document: ClassDocument,
  circuit: Circuit,
  groups: Doer[][],
  choice: RotationChoice = document.rotations?.[circuit.id] ?? { rule: 'loop' },
): CircuitRotation {
  const units = isMixing(choice.rule) ? groups.flat().map((person) => [person]) : groups
  const sizes = units.map((unit) => unit.length)
  const rotation = inWaves(sizes, wavesOf(circuit), (wave) =>
    rotationBy(choice, circuit.stations, wave, turnsOf(circuit), groupCount(document.groupSize)),
  )
  return { circuit, choice, units, rotation }
}

/** The groups of these people, and how they go round. */
export function placedClass(document: ClassDocument, people: Doer[]): Pick<ComputedClass, 'groups' | 'rotations'> {
  const groups = groupsOf(document, people, groupPlaces(document.plan, people.length))
  return { groups, rotations: rotatingCircuits(document.plan).map((circuit) => rotationOf(document, circuit, groups)) }
}

/** What they need there, turn by turn: of a class whose timeline is sound, as without one there are no turns to count by. */
export function gearNeeded(
  document: ClassDocument,
  library: HallLibrary,
  { groups, rotations }: Pick<ComputedClass, 'groups' | 'rotations'>,
  paces: Paces,
): Pick<ComputedClass, 'choices' | 'gear'> {
  const found = new Map<string, { rotation: Rotation; units: Doer[][] }>()
  for (const { circuit, rotation, units } of rotations) if (rotation.ok) found.set(circuit.id, { rotation: rotation.value, units })
  const kinds = usableIn(library.gear, document.roomId, document.bring)
  const counted = { plan: document.plan, exercises: library.exercises, kinds, groups, paces, rotations: found }
  const choices = sharedOut(counted)
  return { choices, gear: countGear({ ...counted, choices }) }
}

/** Everything that follows from a class: time, groups, who is where, and gear. */
export function computeClass(document: ClassDocument, library: HallLibrary): ComputedClass {
  const { plan } = document
  const home = new Set(document.fromHome)
  const coming = peopleHere(document, library.people)
  const inRoom = coming.filter((person) => !home.has(person.id))
  const people = document.headCount ? numbered(inRoom, groupsOf(document, inRoom, groupPlaces(plan, inRoom.length))) : inRoom
  const paces = pacesOf(library, people)
  const timeline = compileTimeline(plan, paces)
  const placed = placedClass(document, people)
  const sizes = placed.groups.map((group) => group.length)
  return {
    timeline,
    sentences: timeline.ok ? classSentences(plan, timeline.value, sizes, movingsOf(document)) : undefined,
    people,
    paces,
    atHome: coming.filter((person) => home.has(person.id)),
    ...placed,
    ...(timeline.ok ? gearNeeded(document, library, placed, paces) : { choices: noChoices, gear: nothingCounted }),
    problems: [timeline, ...placed.rotations.map(({ rotation }) => rotation)].flatMap((result) => (result.ok ? [] : result.problems)),
  }
}
