import { withChange } from '../../rotation/changes'
import { failure, problem, success, type Result } from '../../base/result'
import { elsewhere, type Rotation } from '../../rotation/rotation'
import type { Timeline } from '../../timeline/phase'
import type { RoomChanged } from './room-changed'
import type { CircuitView, RunSnapshot } from './snapshot'

/** A circuit's rotation as the core changes it. */
export function rotationOf(circuit: CircuitView): Rotation {
  const turns = circuit.turns ?? []
  const units = Math.max(0, ...turns.flat(2).map((unit) => unit + 1))
  const paths = Array.from({ length: units }, (_, unit) => turns.map((stations) => stations.findIndex((here) => here.includes(unit))))
  return {
    turns,
    paths: paths.map((path) => path.map((station) => (station < 0 ? elsewhere : station))),
    guarantees: [],
    say: circuit.say ?? '',
    mixes: circuit.units !== undefined,
  }
}

/**
 * The circuit's first turn that has not begun at a phase; where the circuit is gone through again, its first of all. `present`:
 * the one under way counts too.
 */
export function turnAhead({ phases }: Timeline, circuit: CircuitView, pieceId: string, phaseIndex: number, present = false): number {
  const works = phases.filter((phase) => phase.kind === 'work' && phase.pieceId === pieceId)
  const here = phases[phaseIndex]
  const inTurn = here?.kind === 'work' && here.pieceId === pieceId
  const again = works.some((phase) => phase.index > phaseIndex && phase.repeat > (here?.repeat ?? 0) && here?.pieceId === pieceId)
  if (again) return 0
  if (present && inTurn) return here.turn ?? 0
  const next = works.find((phase) => phase.index > phaseIndex && !(inTurn && here.turn === phase.turn && here.repeat === phase.repeat))
  return next?.turn ?? circuit.turns?.length ?? 0
}

/** A station is out of order, or in order again: from this moment nobody is sent there, or those without a place are. */
export function withStation(
  snapshot: RunSnapshot,
  pieceId: string,
  station: number,
  closes: boolean,
  phaseIndex: number,
): Result<RoomChanged> {
  const circuit = snapshot.circuits[pieceId]
  if (!circuit?.turns || station >= circuit.stations.length)
    return failure(problem('noStation', 'There is no such station in this class.', 'change.station'))
  const closed = circuit.closed ?? []
  if (closed.includes(station) === closes)
    return failure(problem('isSo', `Station ${station + 1} is ${closes ? 'closed' : 'open'} already.`, 'change.station'))
  if (closes && closed.length + 1 >= circuit.stations.length)
    return failure(problem('lastStation', 'One station has to stay open.', 'change.station'))
  const rotation = rotationOf(circuit)
  const crowd = Math.max(1, ...rotation.turns.flat().map((here) => here.length))
  const units = circuit.units ?? snapshot.groups
  const nameOf = (unit: number) =>
    (units[unit] ?? []).map((id) => snapshot.people.find((person) => person.id === id)?.name ?? id).join(' and ')
  const from = turnAhead(snapshot.timeline, circuit, pieceId, phaseIndex, true)
  // One group more than usual joins a station, rather than stand by; a closed one takes nobody.
  const change = withChange(rotation, { type: closes ? 'closes' : 'opens', station }, from, circuit.stations.length, crowd + 1, nameOf)
  const there = rotation.turns[from]?.[station] ?? []
  const told = [
    closes ? `Station ${station + 1} is out of order.` : `Station ${station + 1} is open again.`,
    ...(closes
      ? there.map(
          (unit) =>
            `${nameOf(unit)} ${(units[unit] ?? []).length === 1 ? 'goes' : 'go'} ${inTurnNow(snapshot, pieceId, phaseIndex) ? 'now' : 'then'} to ${placeWords(change.rotation.paths[unit]![from]!)}.`,
        )
      : []),
    ...(closes && change.missedVisits.length > 3 && change.missedVisits.every((visit) => visit.station === station)
      ? [`${change.missedVisits.length} ${circuit.units ? 'people' : 'groups'} do not come to it any more.`, ...change.cost.slice(1)]
      : change.cost),
  ]
  const next: CircuitView = {
    ...circuit,
    turns: change.rotation.turns,
    closed: closes ? [...closed, station].sort((a, b) => a - b) : closed.filter((each) => each !== station),
  }
  return success({ snapshot: { ...snapshot, circuits: { ...snapshot.circuits, [pieceId]: next } }, told })
}

const placeWords = (station: number) => (station === elsewhere ? 'rest or help' : `station ${station + 1}`)

function inTurnNow({ timeline }: RunSnapshot, pieceId: string, phaseIndex: number): boolean {
  const here = timeline.phases[phaseIndex]
  return here?.kind === 'work' && here.pieceId === pieceId
}
