import { pacesOf, type ComputedClass } from '../class/compute'
import type { ClassDocument } from '../hall/class-document'
import type { Exercise } from '../hall/exercise'
import type { PairsWork, Sides, Stay, Use } from '../plan/plan'
import type { Paces } from '../timeline/pace'
import { itemText, paceText } from '../summary/items'
import { lapsOf, turnsPerLap } from '../plan/turns'
import { failure, problem, success, type Result } from '../result'
import { pairsSentence, pieceName, pieceNames } from '../summary/names'
import type { Timeline } from '../timeline/phase'
import type { Milliseconds, Seconds } from '../units'

export interface StationView {
  /** One for each position. */
  exercises: { name: string; points: string[]; sides: Sides; asks: string[] }[]
  rest: boolean
  /** The items of a self-paced list as they are read out, and what is aimed at. */
  list?: { items: string[]; aim: string }
}

export interface CircuitView {
  name: string
  rotates: boolean
  laps: number
  turnsPerLap: number
  pairs: PairsWork
  pairsSentence: string
  stations: StationView[]
  /** Groups at each station, turn by turn; absent when all do the same together. */
  turns?: number[][][]
  say?: string
}

/**
 * A class as it was when its run began: all that controls and wall show. Later changes to the plan, the people or the
 * library do not reach into a running class.
 */
export interface RunSnapshot {
  name: string
  roomName: string
  startsAt: Milliseconds
  slotSeconds: Seconds
  sentences: [string, string]
  timeline: Timeline
  /** Ids of the people of each group. */
  groups: string[][]
  people: { id: string; name: string; goEasy: string[]; goEasyNote: string }[]
  /** By the id of the piece: a circuit, or a pause by its name. */
  circuits: Record<string, CircuitView>
  pieceNames: Record<string, string>
  notes: Record<string, string>
}

/** Fails when the class has no timeline, or when somebody who is here would have no station. */
export function takeSnapshot(
  document: ClassDocument,
  computed: ComputedClass,
  exercises: readonly Exercise[],
  roomName: string,
  strainName: (strain: Exercise['asks'][number]) => string,
): Result<RunSnapshot> {
  if (computed.problems.length > 0) return failure(...computed.problems)
  if (!computed.timeline.ok || computed.timeline.value.phases.length === 0) {
    return failure(problem('noTime', 'The plan has no time in it yet: give it some work.', 'plan.parts'))
  }
  const byId = new Map(exercises.map((exercise) => [exercise.id, exercise]))
  const pieces = document.plan.parts.flatMap((part) => part.pieces)
  const names = (id: string) => byId.get(id)?.name ?? id
  const paces = pacesOf(exercises)
  const largest = Math.max(0, ...computed.groups.map((group) => group.length))
  const circuits = pieces.flatMap((piece): [string, CircuitView][] => {
    if (piece.type === 'pause') return []
    const rotation = computed.rotations.find((each) => each.circuit.id === piece.id)?.rotation
    const rotates = piece.travel === 'rotate'
    return [
      [
        piece.id,
        {
          name: pieceName(piece),
          rotates,
          laps: lapsOf(piece),
          turnsPerLap: turnsPerLap(piece),
          pairs: piece.pairs,
          pairsSentence: rotates ? pairsSentence(piece.pairs, largest) : '',
          stations: piece.stations.map((station) => ({
            rest: station.rest,
            ...listOf(station.stay ?? piece.stay, station.uses, names, paces),
            exercises: station.uses.map((use) => {
              const exercise = byId.get(use.exerciseId)
              const option = exercise?.options.find((each) => each.id === use.optionId)
              return {
                name: option?.name ?? exercise?.name ?? use.exerciseId,
                points: exercise?.points ?? [],
                sides: use.sides,
                asks: ((option ?? exercise)?.asks ?? []).map(strainName),
              }
            }),
          })),
          ...(rotation?.ok && computed.groups.length > 0 && { turns: rotation.value.turns }),
          ...(rotation?.ok && { say: rotation.value.say }),
        },
      ],
    ]
  })
  return success({
    name: document.name,
    roomName,
    startsAt: Date.parse(document.startsAt),
    slotSeconds: document.plan.slotSeconds,
    sentences: computed.sentences!,
    timeline: computed.timeline.value,
    groups: computed.groups.map((group) => group.map((person) => person.id)),
    people: computed.people.map(({ id, name, goEasy, goEasyNote }) => ({ id, name, goEasy: goEasy.map(strainName), goEasyNote })),
    circuits: Object.fromEntries(circuits),
    pieceNames: pieceNames(document.plan),
    notes: Object.fromEntries(pieces.flatMap((piece) => (piece.type === 'pause' && piece.note ? [[piece.id, piece.note]] : []))),
  })
}

function listOf(stay: Stay, uses: readonly Use[], nameOf: (exerciseId: string) => string, paces: Paces): Pick<StationView, 'list'> {
  if (stay.kind !== 'task') return {}
  const items = uses.map((use) => itemText(use, nameOf(use.exerciseId)))
  if (stay.rungs) items.unshift(`${stay.rungs.join('-')} of each:`)
  if (stay.openerCount > 0) items.splice(stay.openerCount, 0, 'then, round after round:')
  return { list: { items, aim: paceText(stay, uses, paces) } }
}
