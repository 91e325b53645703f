import { midSentence } from '../../base/mid-sentence'
import { computeClass, type ComputedClass, type HallLibrary } from '../../class/compute'
import type { ClassDocument } from '../../class/class-document'
import { followSentence, showing } from '../../class/demonstrators'
import { beginnings, listQueues } from '../../gear/lists/list-queues'
import { sizeWords, swapLists, type GearSwap, type Pieces } from '../../gear/lists/lists'
import { transitionsOf, type Transition } from '../../floor/transitions'
import type { Room } from '../../library/room'
import { strainNames } from '../../library/exercise'
import type { Doer } from '../../options/form-for'
import { differing } from '../../plan/as-done'
import type { Circuit, Plan } from '../../plan/plan'
import { lapsOf, turnsPerLap } from '../../plan/turns'
import { failure, problem, success, type Result } from '../../base/result'
import { pairsSentence, pieceName, pieceNames } from '../../summary/names'
import { movingsOf, roomSentences } from '../../summary/sentence/class-sentences'
import { broughtAlong } from './brings'
import { joinedOwn } from './own-doings'
import { shownNames } from './shown-names'
import { figuresFor } from './kept-figures'
import { ownDoings, stationViews } from './station-views'
import type { CircuitView, RunSnapshot, StationView } from './snapshot'

/** Fails when the class has no timeline, or when somebody who is here would have no station. */
export function takeSnapshot(
  document: ClassDocument,
  computed: ComputedClass,
  library: HallLibrary,
  room: Room | undefined,
): Result<RunSnapshot> {
  if (computed.problems.length > 0) return failure(...computed.problems)
  if (!computed.timeline.ok || computed.timeline.value.phases.length === 0) {
    return failure(problem('noTime', 'The plan has no time in it yet: give it some work.', 'plan.parts'))
  }
  const { plan } = document
  const shown = shownNames(computed.people)
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const ways = room ? transitionsOf(document, computed, library, room).transitions : []
  const viewOf = circuitViews(document, computed, library, ways)
  const circuits = pieces.flatMap((piece) =>
    piece.type === 'pause' ? [] : [viewOf(piece), ...(piece.waves ? [viewOf(piece.waves.meanwhile)] : [])],
  )
  const doings = { circuits: Object.fromEntries(circuits), own: ownDoings(plan, computed.people, library, computed.choices) }
  return success({
    name: document.name,
    roomName: room?.name ?? '',
    startsAt: Date.parse(document.startsAt),
    slotSeconds: plan.slotSeconds,
    sentences: roomSentences(
      plan,
      computed.timeline.value,
      computed.groups.map((group) => group.length),
      movingsOf(document),
    ),
    follow: followSentence(document, (id) => shown[computed.people.findIndex((person) => person.id === id)] ?? id),
    ...(document.demonstrators && { showing: showing(document) }),
    timeline: computed.timeline.value,
    ...(document.scores && { scores: true }),
    ...(document.ownTaps && { ownTaps: true }),
    groups: computed.groups.map((group) => group.map((person) => person.id)),
    people: computed.people.map(personView),
    ...doings,
    figures: figuresFor(doings, library),
    pieceNames: pieceNames(plan),
    notes: Object.fromEntries(pieces.flatMap((piece) => (piece.type === 'pause' && piece.note ? [[piece.id, piece.note]] : []))),
  })
}

/** How a screen shows each circuit: what is done at its stations, and who is there when. */
function circuitViews(
  document: ClassDocument,
  computed: ComputedClass,
  library: HallLibrary,
  ways: readonly Transition[],
): (circuit: Circuit) => [id: string, view: CircuitView] {
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  const { plan } = document
  const show = stationViews(library, computed.paces)
  const queues = listQueues(document, computed, library)
  const swaps = computed.timeline.ok
    ? swapLists(
        plan,
        computed.timeline.value,
        computed.gear,
        computed.groups.map((group) => group.length),
      )
    : []
  return (circuit) => {
    const begins = queues
      .filter(({ circuitId }) => circuitId === circuit.id)
      .map((queue) => [queue.station, beginnings(queue, computed)] as const)
    const rotates = circuit.travel === 'rotate'
    const brings = rotates ? broughtAlong(document, computed, library, circuit) : {}
    const varied = variedStations(plan, circuit, show)
    const walkSeconds = Math.max(0, ...ways.filter(({ circuitId }) => circuitId === circuit.id).map(({ needed }) => needed))
    const view: CircuitView = {
      name: pieceName(circuit),
      rotates,
      laps: lapsOf(circuit),
      turnsPerLap: turnsPerLap(circuit),
      pairs: circuit.pairs,
      pairsSentence: rotates ? pairsSentence(circuit.pairs, largest) : '',
      stations: show(circuit),
      ...(Object.keys(varied).length > 0 && { varied }),
      ...rotationView(computed, circuit.id),
      ...(begins.some(([, items]) => Object.keys(items).length > 0) && { begins: Object.fromEntries(begins) }),
      ...(walkSeconds > 0 && { walkSeconds }),
      ...carriedTo(circuit, swaps),
      ...(Object.keys(brings).length > 0 && { brings }),
      ...(circuit.transition.note && { cross: circuit.transition.note }),
    }
    return [circuit.id, view]
  }
}

/** What is carried at each station before a circuit, by the one before it. */
function carriedTo({ id, stations }: Circuit, swaps: readonly GearSwap[]): Pick<CircuitView, 'carried'> {
  const mine = swaps.filter(({ toId, stations }) => toId === id && stations.some(({ goes, comes }) => goes.length + comes.length > 0))
  if (mine.length === 0) return {}
  const words = (pieces: readonly Pieces[] = []) => pieces.map((some) => `${some.count} × ${midSentence(sizeWords(some))}`)
  const at = (swap: GearSwap) =>
    stations.map((_, index) => {
      const here = swap.stations.find(({ station }) => station === index + 1)
      return { away: words(here?.goes), here: words(here?.comes) }
    })
  return { carried: Object.fromEntries(mine.map((swap) => [swap.fromId, at(swap)])) }
}

function rotationView({ rotations, groups }: ComputedClass, circuitId: string): Pick<CircuitView, 'turns' | 'units' | 'say'> {
  const found = rotations.find(({ circuit }) => circuit.id === circuitId)
  if (!found?.rotation.ok) return {}
  const { turns, mixes, say } = found.rotation.value
  return {
    ...(groups.length > 0 && { turns }),
    ...(mixes && { units: found.units.map((unit) => unit.map((person) => person.id)) }),
    say,
  }
}

const personView = ({ id, name, goEasy, goEasyNote, shownAs, counted, offBoards }: Doer): RunSnapshot['people'][number] => ({
  id,
  name,
  ...(shownAs !== undefined && { shownAs }),
  ...(counted && { counted }),
  ...(offBoards && { offBoards }),
  goEasy: goEasy.map((strain) => strainNames[strain]),
  goEasyNote,
})

/**
 * The snapshot with what the hall knows of somebody who has come late: what they go easy on, and what they do for it. What the
 * others do stays as it is; of gear there is not enough of, the late one takes what they would as the last to come.
 */
export function withKnown(snapshot: RunSnapshot, person: Doer, document: ClassDocument, library: HallLibrary): RunSnapshot {
  const late = { ...document, here: [...document.here.filter((id) => id !== person.id), person.id] }
  const { people, choices } = computeClass(late, library)
  const own = ownDoings(
    document.plan,
    people.filter(({ id }) => id === person.id),
    library,
    choices,
  )
  return {
    ...snapshot,
    people: snapshot.people.map((known) => (known.id === person.id ? { ...known, ...personView(person) } : known)),
    own: joinedOwn(snapshot.own, own),
    figures: { ...snapshot.figures, ...figuresFor({ circuits: {}, own }, library) },
  }
}

/** The stations at every repeat and lap at which something about them varies. */
const variedStations = (plan: Plan, circuit: Circuit, show: (circuit: Circuit) => StationView[]): Record<string, StationView[]> =>
  Object.fromEntries(differing(plan, circuit).map(({ repeat, lap, circuit: now }) => [`${repeat}/${lap}`, show(now)]))
