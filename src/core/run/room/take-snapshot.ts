import { pacesOf, type ComputedClass, type HallLibrary } from '../../class/compute'
import type { ClassDocument } from '../../class/class-document'
import { strainNames } from '../../library/exercise'
import { formOf, formsOf } from '../../library/form'
import { exercisesById } from '../../library/by-id'
import type { Person } from '../../library/person'
import { exceptionsIn, exceptionWords, pickFor } from '../../doing/pick'
import { everyCircuit } from '../../plan/every-circuit'
import type { Circuit, Plan, Station, Stay, Use } from '../../plan/plan'
import { listMarks } from '../../timeline/list-marks'
import type { Paces } from '../../pace/pace'
import { followSentence } from '../../class/demonstrators'
import { paceText, detailsOf } from '../../summary/items'
import { listLines } from '../../summary/list-lines'
import { lapsOf, turnsPerLap } from '../../plan/turns'
import { circuitAtLap, piecesAtRepeat } from '../../plan/vary'
import { failure, problem, success, type Result } from '../../base/result'
import { pairsSentence, pieceName, pieceNames } from '../../summary/names'
import { rungsOf } from './eased'
import type { Seconds } from '../../base/units'
import type { CircuitView, ExerciseView, RunSnapshot, StationView } from './snapshot'

/** Fails when the class has no timeline, or when somebody who is here would have no station. */
export function takeSnapshot(
  document: ClassDocument,
  computed: ComputedClass,
  library: HallLibrary,
  roomName: string,
): Result<RunSnapshot> {
  if (computed.problems.length > 0) return failure(...computed.problems)
  if (!computed.timeline.ok || computed.timeline.value.phases.length === 0) {
    return failure(problem('noTime', 'The plan has no time in it yet: give it some work.', 'plan.parts'))
  }
  const { plan } = document
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  const show = stationViews(library)
  const viewOf = (circuit: Circuit): [string, CircuitView] => {
    const found = computed.rotations.find((each) => each.circuit.id === circuit.id)
    const rotation = found?.rotation
    const rotates = circuit.travel === 'rotate'
    const varied = variedStations(plan, circuit, show)
    return [
      circuit.id,
      {
        name: pieceName(circuit),
        rotates,
        laps: lapsOf(circuit),
        turnsPerLap: turnsPerLap(circuit),
        pairs: circuit.pairs,
        pairsSentence: rotates ? pairsSentence(circuit.pairs, largest) : '',
        stations: show(circuit),
        ...(Object.keys(varied).length > 0 && { varied }),
        ...(rotation?.ok && computed.groups.length > 0 && { turns: rotation.value.turns }),
        ...(rotation?.ok && rotation.value.mixes && { units: found!.units.map((unit) => unit.map((person) => person.id)) }),
        ...(rotation?.ok && { say: rotation.value.say }),
      },
    ]
  }
  const circuits = pieces.flatMap((piece) =>
    piece.type === 'pause' ? [] : [viewOf(piece), ...(piece.waves ? [viewOf(piece.waves.meanwhile)] : [])],
  )
  return success({
    name: document.name,
    roomName,
    startsAt: Date.parse(document.startsAt),
    slotSeconds: plan.slotSeconds,
    sentences: computed.sentences!,
    follow: followSentence(document, (id) => computed.people.find((person) => person.id === id)?.name ?? id),
    timeline: computed.timeline.value,
    ...(document.scores && { scores: true }),
    groups: computed.groups.map((group) => group.map((person) => person.id)),
    people: computed.people.map(personView),
    circuits: Object.fromEntries(circuits),
    pieceNames: pieceNames(plan),
    ...ownIn(plan, computed.people, library),
    notes: Object.fromEntries(pieces.flatMap((piece) => (piece.type === 'pause' && piece.note ? [[piece.id, piece.note]] : []))),
  })
}

const personView = ({ id, name, goEasy, goEasyNote }: Person): RunSnapshot['people'][number] => ({
  id,
  name,
  goEasy: goEasy.map((strain) => strainNames[strain]),
  goEasyNote,
})

/** What each of these people does for themselves: at every station, and where it is not what everyone does. */
const ownIn = (plan: Plan, people: readonly Person[], library: HallLibrary): Required<Pick<RunSnapshot, 'exceptions' | 'doings'>> => ({
  exceptions: exceptionsIn(plan, people, library).map(({ person, circuit, station, position, pick }) => ({
    personId: person.id,
    pieceId: circuit.id,
    station: station - 1,
    position,
    text: exceptionWords(pick),
  })),
  doings: doingsIn(plan, people, library),
})

/** The snapshot with what the hall knows of somebody who has come late: what they go easy on, and what they do for it. */
export function withKnown(snapshot: RunSnapshot, person: Person, plan: Plan, library: HallLibrary): RunSnapshot {
  const { exceptions, doings } = ownIn(plan, [person], library)
  return {
    ...snapshot,
    people: snapshot.people.map((each) => (each.id === person.id ? { ...each, ...personView(person) } : each)),
    exceptions: [...(snapshot.exceptions ?? []), ...exceptions],
    doings: [...(snapshot.doings ?? []), ...doings],
  }
}

/** What everyone does at every station, in the form and with the load that suits them. */
function doingsIn(plan: Plan, people: readonly Person[], library: HallLibrary): NonNullable<RunSnapshot['doings']> {
  const byId = exercisesById(library.exercises)
  return everyCircuit(plan).flatMap((circuit) =>
    circuit.stations.flatMap((station, index) =>
      station.uses.flatMap((use, position) => {
        const exercise = byId.get(use.exerciseId)
        if (!exercise) return []
        return people.map((person) => {
          const { form, loads, dose } = pickFor(person, use, exercise, library.gear)
          const reps = dose?.reps && `${dose.reps} reps`
          return {
            personId: person.id,
            pieceId: circuit.id,
            station: index,
            position,
            name: form.name,
            how: [...loads.map((load) => `${load.kindName.toLowerCase()} ${load.sizeLabel}`), reps, ...detailsOf(use)]
              .filter(Boolean)
              .join(', '),
          }
        })
      }),
    ),
  )
}

type ShowStations = (circuit: Circuit) => StationView[]

function stationViews(library: HallLibrary): ShowStations {
  const byId = exercisesById(library.exercises)
  const names = (id: string) => byId.get(id)?.name ?? id
  const paces = pacesOf(library)
  const exerciseView = (use: Use, seconds: Seconds | undefined): ExerciseView => {
    const exercise = byId.get(use.exerciseId)
    const form = exercise && formOf(exercise, use.optionId)
    return {
      name: form?.name ?? use.exerciseId,
      points: form?.points ?? [],
      sides: use.sides,
      how: detailsOf(use, seconds).join(', '),
      ...(use.tempo && { tempo: use.tempo }),
      ...(use.reps && seconds !== undefined && { reps: use.reps.count }),
      ...(exercise && use.optionId === undefined && rungsOf(formsOf(exercise))),
    }
  }
  const station = (circuit: Circuit, each: Station): StationView => {
    const stay = each.stay ?? circuit.stay
    const seconds = (position: number) => (stay.kind === 'intervals' ? stay.workSeconds[position] : undefined)
    return {
      rest: each.rest,
      ...listOf(stay, each.uses, names, paces),
      exercises: each.uses.map((use, position) => exerciseView(use, seconds(position))),
    }
  }
  return (circuit) => circuit.stations.map((each) => station(circuit, each))
}

/** The stations at every repeat and lap at which something about them varies. */
function variedStations(plan: Plan, circuit: Circuit, show: ShowStations): Record<string, StationView[]> {
  const varied: Record<string, StationView[]> = {}
  const part = plan.parts.find((each) => each.pieces.some((piece) => piece.id === circuit.id))
  if (!part) return varied
  for (let repeat = 0; repeat < part.repeat; repeat++) {
    const here = piecesAtRepeat(part, repeat).find((piece) => piece.id === circuit.id) as Circuit
    for (let lap = 0; lap < lapsOf(circuit); lap++) {
      const now = circuitAtLap(here, lap)
      if (now !== circuit) varied[`${repeat}/${lap}`] = show(now)
    }
  }
  return varied
}

function listOf(stay: Stay, uses: readonly Use[], nameOf: (exerciseId: string) => string, paces: Paces): Pick<StationView, 'list'> {
  if (stay.kind !== 'task') return {}
  return { list: { items: listLines(stay, uses, nameOf), aim: paceText(stay, uses, paces), marks: listMarks(stay, uses, paces) } }
}
