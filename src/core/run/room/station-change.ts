import { andList } from '../../base/and-list'
import { withChange, type Change, type Changed } from '../../rotation/changes'
import { tableOf } from '../../rotation/table'
import { failure, problem, success, type Problem, type Result } from '../../base/result'
import { elsewhere, type Rotation } from '../../rotation/rotation'
import type { Timeline } from '../../timeline/phase'
import type { RoomChanged } from './room-changed'
import type { CircuitView, RunSnapshot } from './snapshot'
import { turnsAt } from './turns-at'

/** A table of turns as the core changes it. */
function rotationIn(circuit: CircuitView, turns: number[][][]): Rotation {
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
 * Where a circuit stands at a phase: the repeat that is on, or comes next, its first turn that has not begun, and whether it
 * comes again.
 */
interface Standing {
  repeat: number
  /** `present`: the turn under way counts too. */
  from: (present: boolean) => number
  isLast: boolean
}

function standingAt({ phases }: Timeline, circuit: CircuitView, pieceId: string, phaseIndex: number): Standing {
  const works = phases.filter((phase) => phase.kind === 'work' && phase.pieceId === pieceId)
  const here = phases[phaseIndex]
  const inTurn = here?.kind === 'work' && here.pieceId === pieceId
  const next = works.find((phase) => phase.index > phaseIndex && !(inTurn && here.turn === phase.turn && here.repeat === phase.repeat))
  const last = works.at(-1)?.repeat ?? 0
  const repeat = inTurn ? here.repeat : (next?.repeat ?? last)
  const end = circuit.turns?.length ?? 0
  return {
    repeat,
    from: (present) => (present && inTurn ? (here.turn ?? 0) : next?.repeat === repeat ? (next.turn ?? 0) : end),
    isLast: repeat === last,
  }
}

/** A circuit after a change of who is where, and what that costs. */
export interface ChangedCircuit {
  circuit: CircuitView
  /** Of the repeat that is on. */
  changed: Changed
  cost: string[]
}

/**
 * The circuit with a change made to all that is to come of it: in the repeat that is on from its next turn (with `present`, from the
 * one under way), in those that follow from their first. What is past is kept as it was.
 */
export function withChangeFromNow(
  snapshot: RunSnapshot,
  pieceId: string,
  change: Change,
  phaseIndex: number,
  most: number,
  present: boolean,
  nameOf?: (unit: number) => string,
): ChangedCircuit {
  const circuit = snapshot.circuits[pieceId]!
  const { repeat, from, isLast } = standingAt(snapshot.timeline, circuit, pieceId, phaseIndex)
  const { closed = [], plannedTurns = circuit.turns! } = circuit
  const planned = rotationIn(circuit, plannedTurns).paths
  const made = (turns: number[][][], begin: number) => {
    const rotation = rotationIn(circuit, turns)
    // Units that nobody has been in yet have no path in what is past.
    const paths = planned.map((_, unit) => rotation.paths[unit] ?? turns.map(() => elsewhere))
    return withChange({ ...rotation, paths }, change, begin, circuit.stations.length, most, nameOf, { planned, closed })
  }
  const changed = made(turnsAt(circuit, repeat)!, from(present))
  const later = isLast ? changed : made(circuit.turns!, 0)
  const past = Array.from({ length: isLast ? repeat : repeat + 1 }, (_, index): [string, number[][][]] => [
    String(index),
    index === repeat ? changed.rotation.turns : turnsAt(circuit, index)!,
  ])
  const { closed: shut, planned: plan } = changed.underWay
  return {
    changed,
    cost: [...new Set([...changed.cost, ...later.cost])],
    circuit: {
      ...circuit,
      turns: later.rotation.turns,
      ...(past.length > 0 && { turnsBefore: { ...circuit.turnsBefore, ...Object.fromEntries(past) } }),
      ...((shut.length > 0 || circuit.plannedTurns) && { plannedTurns: tableOf(plan, circuit.stations.length, circuit.turns!.length) }),
      ...(shut.length > 0 || circuit.closed ? { closed: [...shut] } : {}),
    },
  }
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
  const wrong = stationProblem(circuit, station, closes)
  if (wrong || !circuit?.turns) return failure(wrong ?? noSuchStation)
  const { repeat, from } = standingAt(snapshot.timeline, circuit, pieceId, phaseIndex)
  const begin = from(true)
  const table = turnsAt(circuit, repeat)!
  const crowd = Math.max(1, ...(circuit.plannedTurns ?? table).flat().map((here) => here.length))
  const nameOf = namesIn(snapshot, circuit)
  // One group more than usual joins a station, rather than stand by; a closed one takes nobody.
  const change: Change = { type: closes ? 'closes' : 'opens', station }
  const next = withChangeFromNow(snapshot, pieceId, change, phaseIndex, crowd + 1, true, nameOf)
  const units = circuit.units ?? snapshot.groups
  const stationOf = (unit: number) => (table[begin] ?? []).findIndex((here) => here.includes(unit))
  const goesTo = (unit: number) => next.changed.rotation.paths[unit]?.[begin] ?? elsewhere
  const moved = [...units.keys()].filter((unit) => units[unit]!.length > 0 && stationOf(unit) !== goesTo(unit))
  const when = inTurnNow(snapshot, pieceId, phaseIndex) ? 'now' : 'then'
  const told = [
    closes ? `Station ${station + 1} is out of order.` : `Station ${station + 1} is open again.`,
    ...moved.map((unit) => {
      const goes = (units[unit] ?? []).length === 1 ? 'goes' : 'go'
      return `${nameOf(unit)} ${goes} ${when} to ${placeWords(goesTo(unit))}.`
    }),
    ...costWords(next, station, closes),
  ]
  return success({ snapshot: { ...snapshot, circuits: { ...snapshot.circuits, [pieceId]: next.circuit } }, told })
}

const noSuchStation = problem('noStation', 'There is no such station in this class.', 'change.station')

function stationProblem(circuit: CircuitView | undefined, station: number, closes: boolean): Problem | undefined {
  if (!circuit?.turns || station >= circuit.stations.length) return noSuchStation
  const closed = circuit.closed ?? []
  if (closed.includes(station) === closes)
    return problem('isSo', `Station ${station + 1} is ${closes ? 'closed' : 'open'} already.`, 'change.station')
  if (closes && closed.length + 1 >= circuit.stations.length)
    return problem('lastStation', 'One station has to stay open.', 'change.station')
  return undefined
}

/** Where many miss only the station that was closed, they are counted. */
function costWords({ changed, cost, circuit }: ChangedCircuit, station: number, closes: boolean): string[] {
  const { missedVisits } = changed
  if (!closes || missedVisits.length <= 3 || missedVisits.some((visit) => visit.station !== station)) return cost
  return [`${missedVisits.length} ${circuit.units ? 'people' : 'groups'} do not come to it any more.`, ...cost.slice(1)]
}

/** The names of those in a group, or of the one who moves alone. */
const namesIn = ({ groups, people }: RunSnapshot, circuit: CircuitView) => {
  const units = circuit.units ?? groups
  return (unit: number) => andList((units[unit] ?? []).map((id) => people.find((person) => person.id === id)?.name ?? id))
}

const placeWords = (station: number) => (station === elsewhere ? 'rest or help' : `station ${station + 1}`)

function inTurnNow({ timeline }: RunSnapshot, pieceId: string, phaseIndex: number): boolean {
  const here = timeline.phases[phaseIndex]
  return here?.kind === 'work' && here.pieceId === pieceId
}
