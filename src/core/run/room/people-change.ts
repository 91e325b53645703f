import { andList } from '../../base/and-list'
import { limits } from '../../base/limits'
import { failure, problem, success, type Result } from '../../base/result'
import { elsewhere } from '../../rotation/rotation'
import type { Phase } from '../../timeline/phase'
import type { RoomChanged } from './room-changed'
import type { CircuitView, RunSnapshot } from './snapshot'
import { beenKey, stationIn } from './station-in'
import { withChangeFromNow } from './station-change'

const nameIn = (snapshot: RunSnapshot, id: string) => snapshot.people.find((person) => person.id === id)?.name ?? id
const namesOf = (snapshot: RunSnapshot, ids: readonly string[]) => andList(ids.map((id) => nameIn(snapshot, id)))
const unknown = (field: string) => failure(problem('notHere', 'That person is not in this class any more.', field))

/** A circuit whose groups are others now: what those as planned would bring along is not said of them. */
const regrouped = ({ brings: _, ...circuit }: CircuitView): CircuitView => circuit

/** Every unit of the class with `change` made to its ids: the groups, and the single people where partners change. */
const withUnits = (snapshot: RunSnapshot, change: (ids: readonly string[]) => string[]): RunSnapshot => ({
  ...snapshot,
  groups: snapshot.groups.map(change),
  circuits: Object.fromEntries(
    Object.entries(snapshot.circuits).map(([id, circuit]): [string, CircuitView] => [
      id,
      { ...regrouped(circuit), ...(circuit.units && { units: circuit.units.map(change) }) },
    ]),
  ),
})

export function left(snapshot: RunSnapshot, personId: string): Result<RoomChanged> {
  if (!snapshot.people.some((person) => person.id === personId)) return unknown('change.personId')
  const group = snapshot.groups.find((ids) => ids.includes(personId)) ?? []
  const rest = group.filter((id) => id !== personId)
  const after = withUnits(snapshot, (ids) => ids.filter((id) => id !== personId))
  const told = [
    `${nameIn(snapshot, personId)} has left.`,
    ...(rest.length === 1 ? [`${nameIn(snapshot, rest[0]!)} is alone now: let them trade places, or join another pair.`] : []),
  ]
  const shownAs = snapshot.people.find(({ id }) => id === personId)?.shownAs
  const gone = [...(snapshot.left ?? []), { id: personId, name: nameIn(snapshot, personId), ...(shownAs !== undefined && { shownAs }) }]
  return success({ snapshot: { ...after, people: snapshot.people.filter((person) => person.id !== personId), left: gone }, told })
}

export function traded(snapshot: RunSnapshot, one: string, other: string, phaseIndex: number): Result<RoomChanged> {
  const known = (id: string) => snapshot.people.some((person) => person.id === id)
  if (!known(one)) return unknown('change.one')
  if (!known(other)) return unknown('change.other')
  if (one === other) return failure(problem('samePerson', 'Choose two different people.', 'change.other'))
  const swap = (id: string) => (id === one ? other : id === other ? one : id)
  const been = { ...snapshot.been, [one]: pastOf(snapshot, one, phaseIndex), [other]: pastOf(snapshot, other, phaseIndex) }
  return success({
    snapshot: { ...withUnits(snapshot, (ids) => ids.map(swap)), been },
    told: [`${nameIn(snapshot, one)} and ${nameIn(snapshot, other)} trade places.`],
  })
}

/** Where somebody has been in the turns before the present one; nowhere, who has not been there at all. */
function pastOf(snapshot: RunSnapshot, personId: string, phaseIndex: number): Record<string, number> {
  const { phases } = snapshot.timeline
  const here = phases[phaseIndex]
  const isNow = (phase: Phase) => phase.pieceId === here?.pieceId && phase.repeat === here.repeat && phase.turn === here.turn
  const past = phases.slice(0, phaseIndex).filter((phase) => phase.kind === 'work' && phase.turn !== undefined && !isNow(phase))
  return Object.fromEntries(
    past.flatMap((phase) =>
      snapshot.circuits[phase.pieceId]?.turns
        ? [
            [
              beenKey(phase.pieceId, { repeat: phase.repeat, turn: phase.turn! }),
              stationIn(snapshot, phase.pieceId, phase, personId) ?? elsewhere,
            ],
          ]
        : [],
    ),
  )
}

/** Who arrives joins a group that is smaller than the others, else, where people work alone, a free place, else the last group. */
export function arrived(snapshot: RunSnapshot, id: string, name: string, phaseIndex: number): Result<RoomChanged> {
  if (snapshot.people.some((person) => person.id === id || person.name.toLowerCase() === name.toLowerCase()))
    return failure(problem('isHere', `${name} is here already: give one of them a second letter.`, 'change.name'))
  if (snapshot.people.length >= limits.people) return failure(problem('full', `A class has at most ${limits.people} people.`, 'change'))
  const people = [...snapshot.people, { id, name, goEasy: [], goEasyNote: '' }]
  const joined = joinedGroup(snapshot)
  const groups =
    joined === undefined ? [...snapshot.groups, [id]] : snapshot.groups.map((ids, index) => (index === joined ? [...ids, id] : ids))
  const told = [
    joined === undefined
      ? `${name} has a place of their own.`
      : snapshot.groups[joined]!.length > 0
        ? `${name} joins ${namesOf(snapshot, snapshot.groups[joined]!)}.`
        : `${name} takes the place of a group that has left.`,
  ]
  const circuits = Object.entries(snapshot.circuits).map(([pieceId, circuit]): [string, CircuitView] => {
    if (!circuit.turns || (joined !== undefined && !circuit.units)) return [pieceId, regrouped(circuit)]
    // Where partners change, a third may join two; a group of its own needs a free station.
    const { circuit: next, cost } = withChangeFromNow(snapshot, pieceId, { type: 'arrives' }, phaseIndex, circuit.units ? 3 : 1, false)
    told.push(...cost.map((text) => `${circuit.name}: ${text}`))
    return [pieceId, { ...regrouped(next), ...(circuit.units && { units: [...circuit.units, [id]] }) }]
  })
  const been = { ...snapshot.been, [id]: pastOf(snapshot, id, phaseIndex) }
  return success({ snapshot: { ...snapshot, people, groups, been, circuits: Object.fromEntries(circuits) }, told })
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
