import { z } from 'zod'
import { withChange } from '../changes/changes'
import { idField, nameField } from '../plan/fields'
import { limits } from '../plan/limits'
import { failure, problem, success, type Result } from '../result'
import { elsewhere, type Rotation } from '../rotation/rotation'
import type { CircuitView, RunSnapshot } from './snapshot'

/** What happens to the people of a class under way. */
export const PeopleChange = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('arrives'), id: idField, name: nameField(40) }),
  z.strictObject({ type: z.literal('leaves'), personId: idField }),
  z.strictObject({ type: z.literal('tradePlaces'), one: idField, other: idField }),
])
export type PeopleChange = z.infer<typeof PeopleChange>

export interface PeopleChanged {
  snapshot: RunSnapshot
  /** What was done, and what it costs, in words. */
  told: string[]
}

/**
 * The class after a change of its people, from the present phase (`phaseIndex`) on: the smallest change, so that everybody else stays on their way. Who arrives joins
 * a group that is smaller than the others, else, where people work alone, a free place, else the last group. Fails in words where the change means nothing.
 */
export function withPeopleChange(snapshot: RunSnapshot, change: PeopleChange, phaseIndex: number): Result<PeopleChanged> {
  switch (change.type) {
    case 'arrives':
      return arrived(snapshot, change.id, change.name, phaseIndex)
    case 'leaves':
      return left(snapshot, change.personId)
    case 'tradePlaces':
      return traded(snapshot, change.one, change.other)
  }
}

const nameIn = (snapshot: RunSnapshot, id: string) => snapshot.people.find((person) => person.id === id)?.name ?? id
const namesOf = (snapshot: RunSnapshot, ids: readonly string[]) => ids.map((id) => nameIn(snapshot, id)).join(' and ')
const unknown = (field: string) => failure(problem('notHere', 'That person is not in this class any more.', field))

/** Every unit of the class with `change` made to its ids: the groups, and the single people where partners change. */
const withUnits = (snapshot: RunSnapshot, change: (ids: readonly string[]) => string[]): RunSnapshot => ({
  ...snapshot,
  groups: snapshot.groups.map(change),
  circuits: Object.fromEntries(Object.entries(snapshot.circuits).map(([id, circuit]): [string, CircuitView] => [id, circuit.units ? { ...circuit, units: circuit.units.map(change) } : circuit])),
})

function left(snapshot: RunSnapshot, personId: string): Result<PeopleChanged> {
  if (!snapshot.people.some((person) => person.id === personId)) return unknown('change.personId')
  const group = snapshot.groups.find((ids) => ids.includes(personId)) ?? []
  const rest = group.filter((id) => id !== personId)
  const after = withUnits(snapshot, (ids) => ids.filter((id) => id !== personId))
  const told = [`${nameIn(snapshot, personId)} has left.`, ...(rest.length === 1 ? [`${nameIn(snapshot, rest[0]!)} is alone now: let them trade places, or join another pair.`] : [])]
  return success({ snapshot: { ...after, people: snapshot.people.filter((person) => person.id !== personId) }, told })
}

function traded(snapshot: RunSnapshot, one: string, other: string): Result<PeopleChanged> {
  const known = (id: string) => snapshot.people.some((person) => person.id === id)
  if (!known(one)) return unknown('change.one')
  if (!known(other)) return unknown('change.other')
  if (one === other) return failure(problem('samePerson', 'Choose two different people.', 'change.other'))
  const swap = (id: string) => (id === one ? other : id === other ? one : id)
  return success({ snapshot: withUnits(snapshot, (ids) => ids.map(swap)), told: [`${nameIn(snapshot, one)} and ${nameIn(snapshot, other)} trade places.`] })
}

function arrived(snapshot: RunSnapshot, id: string, name: string, phaseIndex: number): Result<PeopleChanged> {
  if (snapshot.people.some((person) => person.id === id || person.name.toLowerCase() === name.toLowerCase())) return failure(problem('isHere', `${name} is here already: give one of them a second letter.`, 'change.name'))
  if (snapshot.people.length >= limits.people) return failure(problem('full', `A class has at most ${limits.people} people.`, 'change'))
  const people = [...snapshot.people, { id, name, goEasy: [], goEasyNote: '' }]
  const joined = joinedGroup(snapshot)
  const groups = joined === undefined ? [...snapshot.groups, [id]] : snapshot.groups.map((ids, index) => (index === joined ? [...ids, id] : ids))
  const told = [joined === undefined ? `${name} has a place of their own.` : snapshot.groups[joined]!.length > 0 ? `${name} joins ${namesOf(snapshot, snapshot.groups[joined]!)}.` : `${name} takes the place of a group that has left.`]
  const circuits = Object.entries(snapshot.circuits).map(([pieceId, circuit]): [string, CircuitView] => {
    if (!circuit.turns || (joined !== undefined && !circuit.units)) return [pieceId, circuit]
    const { rotation, cost } = withOneMore(circuit, snapshot, pieceId, phaseIndex)
    told.push(...cost.map((text) => `${circuit.name}: ${text}`))
    return [pieceId, { ...circuit, turns: rotation.turns, ...(circuit.units && { units: [...circuit.units, [id]] }) }]
  })
  return success({ snapshot: { ...snapshot, people, groups, circuits: Object.fromEntries(circuits) }, told })
}

/** The group that a late person joins; nothing where they get a place of their own. */
function joinedGroup({ groups, circuits }: RunSnapshot): number | undefined {
  if (groups.length === 0) return undefined
  const sizes = groups.map((ids) => ids.length)
  const [smallest, largest] = [Math.min(...sizes), Math.max(...sizes)]
  if (smallest < largest) return sizes.indexOf(smallest)
  const free = Object.values(circuits).every((circuit) => !circuit.turns || circuit.units || circuit.stations.length > groups.length)
  return largest === 1 && free ? undefined : groups.length - 1
}

/** The circuit's rotation with one more unit from its next turn on; where it is gone through again, from its first. */
function withOneMore(circuit: CircuitView, { timeline }: RunSnapshot, pieceId: string, phaseIndex: number): { rotation: Rotation; cost: string[] } {
  const turns = circuit.turns!
  const units = Math.max(0, ...turns.flat(2).map((unit) => unit + 1))
  const paths = Array.from({ length: units }, (_, unit) => turns.map((stations) => stations.findIndex((here) => here.includes(unit))))
  const works = timeline.phases.filter((phase) => phase.kind === 'work' && phase.pieceId === pieceId)
  const present = timeline.phases[phaseIndex]
  const next = works.find((phase) => phase.index > phaseIndex && !(present?.kind === 'work' && present.pieceId === pieceId && present.turn === phase.turn && present.repeat === phase.repeat))
  const again = works.some((phase) => phase.index > phaseIndex && phase.repeat > (present?.repeat ?? 0) && present?.pieceId === pieceId)
  const from = again ? 0 : (next?.turn ?? turns.length)
  const rotation: Rotation = { turns, paths: paths.map((path) => path.map((station) => (station < 0 ? elsewhere : station))), guarantees: [], say: circuit.say ?? '', mixes: circuit.units !== undefined }
  // Where partners change, a third may join two; a group of its own needs a free station.
  return withChange(rotation, { type: 'arrives' }, from, circuit.stations.length, circuit.units ? 3 : 1)
}
