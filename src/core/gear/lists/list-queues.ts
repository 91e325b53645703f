import type { ComputedClass, HallLibrary } from '../../class/compute'
import { exercisesById } from '../../library/by-id'
import type { ClassDocument } from '../../class/class-document'
import type { Exercise } from '../../library/exercise'
import { formOf } from '../../library/form'
import { usableIn, type GearKind } from '../../library/gear-kind'
import type { Person } from '../../library/person'
import { everyCircuit } from '../../plan/every-circuit'
import { isAtOwnPace } from '../../plan/own-pace'
import type { Circuit, Station, Use } from '../../plan/plan'
import { pieceName, stationName } from '../../summary/names'
import { finishSeconds, itemSeconds, type Paces } from '../../pace/pace'
import { limitingItem, placesFor, queueThrough, servedBy, spreadStarts, type QueueItem, type QueueOutcome } from '../queue'

/** A list at its own pace of which an item has fewer places than people come to it. */
export interface ListQueue {
  circuitId: string
  /** From 0. */
  station: number
  name: string
  items: (QueueItem & { name: string; expected: number })[]
  /** How many items before these are done once, by everyone at the same time. */
  opener: number
  people: Person[]
  /** All beginning at the first item. */
  together: QueueOutcome
  /** Where each person begins instead, and what that comes to. */
  starts: number[]
  spread: QueueOutcome
  limit?: { name: string; places: number; wanted: number; serves: number }
}

/**
 * With which item each person begins, by id, where beginning apart makes people wait less than all at the first; in a rotation
 * each group is counted from its first.
 */
export function beginnings({ circuitId, together, spread, starts, opener }: ListQueue, computed: ComputedClass): Record<string, number> {
  const waiting = ({ waits }: QueueOutcome) => waits.reduce((sum, wait) => sum + wait, 0)
  if (waiting(spread) >= waiting(together)) return {}
  const rotates = computed.rotations.some(({ circuit }) => circuit.id === circuitId)
  const rows = rotates ? computed.groups : [computed.people]
  return Object.fromEntries(rows.flatMap((people) => people.map(({ id }, index) => [id, opener + (starts[index] ?? 0)])))
}

/** The queues of a class's self-paced lists; lists in which nobody can be in the way of another are left out. */
export function listQueues(document: ClassDocument, computed: ComputedClass, library: HallLibrary): ListQueue[] {
  const kinds = new Map(usableIn(library.gear, document.roomId, document.bring).map((kind) => [kind.id, kind]))
  const byId = exercisesById(library.exercises)
  const largest = computed.groups.reduce<Person[]>((most, group) => (group.length > most.length ? group : most), [])
  return everyCircuit(document.plan).flatMap((circuit) => {
    const rotates = circuit.travel === 'rotate'
    return circuit.stations.flatMap((station, index): ListQueue[] => {
      const people = rotates ? largest : computed.people
      const name = circuit.stations.length > 1 ? stationName(circuit, index) : pieceName(circuit)
      const found = queueAt(circuit, station, people, byId, kinds, computed.paces)
      return found ? [{ circuitId: circuit.id, station: index, name, ...found }] : []
    })
  })
}

function queueAt(
  circuit: Circuit,
  station: Station,
  people: Person[],
  byId: ReadonlyMap<string, Exercise>,
  kinds: ReadonlyMap<string, GearKind>,
  paces: Paces,
): Omit<ListQueue, 'circuitId' | 'station' | 'name'> | undefined {
  const stay = station.stay ?? circuit.stay
  if (stay.kind !== 'task' || !isAtOwnPace(stay) || people.length < 2) return undefined
  const items = station.uses.slice(stay.openerCount).map((use) => {
    const places = machinePlaces(use, byId.get(use.exerciseId), kinds)
    const seconds = Math.max(1, Math.round(itemSeconds(use, paces).typical))
    return { name: nameOf(use, byId), seconds, ...(places < people.length && { places }) }
  })
  if (items.length === 0 || items.every((item) => item.places === undefined)) return undefined
  const cap = stay.capSeconds ?? Math.round(finishSeconds(stay, station.uses, paces).high)
  const starts = spreadStarts(items, people.length, cap)
  const atOnce = people.map(() => 0)
  const round = items.reduce((sum, item) => sum + item.seconds, 0)
  const limit = limitOf(items, people.length)
  return {
    items: items.map((item) => ({ ...item, expected: (people.length * item.seconds) / round })),
    opener: stay.openerCount,
    people,
    together: queueThrough(items, atOnce, cap),
    starts,
    spread: queueThrough(items, starts, cap),
    ...(limit && { limit }),
  }
}

/** The item that holds most back, if one does. */
function limitOf(items: readonly (QueueItem & { name: string })[], people: number): ListQueue['limit'] {
  const at = limitingItem(items, people)
  if (at === undefined) return undefined
  const { name, places } = items[at]!
  return { name, places: places!, wanted: placesFor(items, at, people), serves: servedBy(items, at) }
}

const nameOf = (use: Use, byId: ReadonlyMap<string, Exercise>) => {
  const exercise = byId.get(use.exerciseId)
  return exercise ? formOf(exercise, use.optionId).name : use.exerciseId
}

/** How many can do an item at once: what its gear, of all sizes, is enough for. What stands at a station is for one at a time. */
function machinePlaces(use: Use, exercise: Exercise | undefined, kinds: ReadonlyMap<string, GearKind>): number {
  if (!exercise) return Infinity
  const places = formOf(exercise, use.optionId).gear.flatMap((need) => {
    const kind = kinds.get(need.kindId)
    if (!kind) return []
    const owned = kind.sizes.reduce((sum, size) => sum + size.owned, 0)
    return [Math.floor(owned / need.count)]
  })
  return Math.min(Infinity, ...places)
}
