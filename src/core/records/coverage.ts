import type { Phase } from '../timeline/phase'
import { isDone, turnsOf, type PlannedTurn, type Worked } from '../run/clock/worked'
import type { RunSnapshot } from '../run/room/snapshot'
import { stationIn } from '../run/room/station-in'

/** Which stations somebody has done, comes to yet, and will have missed, from 1 and in order; in one circuit. */
export interface Coverage {
  personId: string
  name: string
  done: number[]
  toCome: number[]
  missed: number[]
  /** Stations of which the first side alone is done, where sides go by laps. */
  oneSide: number[]
}

interface Whereabouts {
  turns: PlannedTurn[]
  /** Stations from 0 by person and turn; -1 where somebody has none. */
  stations: Int16Array[]
}

const known = new WeakMap<RunSnapshot, Map<string, Whereabouts>>()

/** Who is where in every turn: worked out once for a snapshot, which is another after every change of the room. */
function whereaboutsOf(snapshot: RunSnapshot, pieceId: string): Whereabouts {
  const byPiece = known.get(snapshot) ?? new Map<string, Whereabouts>()
  known.set(snapshot, byPiece)
  let found = byPiece.get(pieceId)
  if (!found) {
    const turns = turnsOf(snapshot.timeline).filter(({ phase }) => phase.pieceId === pieceId)
    const stationsOf = (personId: string) => Int16Array.from(turns, ({ phase }) => stationIn(snapshot, pieceId, phase, personId) ?? -1)
    byPiece.set(pieceId, (found = { turns, stations: snapshot.people.map(({ id }) => stationsOf(id)) }))
  }
  return found
}

/** What somebody has done at one station. */
const [toCome, doneFirst, doneSecond] = [1, 2, 4] as const
const doneEither = doneFirst | doneSecond

/** Everyone's coverage of a circuit at the phase that is on. Nobody where people do not go round. */
export function coverageOf(snapshot: RunSnapshot, pieceId: string, present: Phase, worked: Worked): Coverage[] {
  const circuit = snapshot.circuits[pieceId]
  if (!circuit?.turns) return []
  const { turns, stations } = whereaboutsOf(snapshot, pieceId)
  const marks = turns.map(({ phase, lastIndex, plannedMs }) => {
    if (isDone(worked, phase, plannedMs)) return (phase.lap ?? 0) % 2 === 0 ? doneFirst : doneSecond
    return lastIndex >= present.index ? toCome : 0
  })
  const byLap = circuit.stations.map(({ exercises }) => exercises.some(({ sides }) => sides === 'byLap'))
  return snapshot.people.map(({ id: personId, name }, person) => {
    const seen = new Uint8Array(circuit.stations.length)
    const comes = new Uint8Array(circuit.stations.length)
    stations[person]!.forEach((station, turn) => {
      if (station < 0) return
      comes[station] = 1
      seen[station]! |= marks[turn]!
    })
    const those = (holds: (station: number) => boolean) =>
      circuit.stations.flatMap((_, station) => (comes[station] && holds(station) ? [station + 1] : []))
    const isSeen = (station: number) => (seen[station]! & doneEither) !== 0
    return {
      personId,
      name,
      done: those(isSeen),
      toCome: those((station) => !isSeen(station) && (seen[station]! & toCome) !== 0),
      missed: those((station) => seen[station] === 0),
      oneSide: those((station) => byLap[station]! && isSeen(station) && (seen[station]! & doneEither) !== doneEither),
    }
  })
}
