import type { Timeline } from '../timeline/phase'
import { isDone, turnsOf, type PlannedTurn, type Worked } from '../run/clock/worked'
import { stationFor } from '../run/room/done-here'
import type { RunSnapshot } from '../run/room/snapshot'
import { stationIn } from '../run/room/station-in'

/** What somebody did at a place of a class, in however many turns. */
export interface DidThere {
  pieceId: string
  /** From 1. */
  station: number
  exercise: string
  /** Option's details and load, as it was shown. */
  how: string
  /** Another option or dose than everyone's. */
  own?: true
  /** Turns that were worked there, and those that were to be, and were not. */
  done: number
  missed: number
}

/** What one person did in a run. */
export interface Attendance {
  personId: string
  did: DidThere[]
  /** Ids of those in their group. */
  partners: string[]
}

/**
 * What everyone did in a run, by what was worked of its turns: at which stations, with which option and load, and what was missed.
 * Who has left is not there.
 */
export function attendancesOf(snapshot: RunSnapshot, timeline: Timeline, worked: Worked): Attendance[] {
  const turns = turnsOf(timeline)
  return snapshot.people.map(({ id }) => ({
    personId: id,
    did: didOf(snapshot, turns, worked, id),
    partners: (snapshot.groups.find((ids) => ids.includes(id)) ?? []).filter((other) => other !== id),
  }))
}

function didOf(snapshot: RunSnapshot, turns: readonly PlannedTurn[], worked: Worked, personId: string): DidThere[] {
  const places = new Map<string, DidThere>()
  for (const { phase, positions, plannedMs } of turns) {
    const { pieceId, repeat, lap } = phase
    const circuit = snapshot.circuits[pieceId]
    const station = circuit?.rotates ? stationIn(snapshot, pieceId, phase, personId) : phase.station
    if (!circuit || station === undefined) continue
    const place = { pieceId, repeat, lap, station }
    const everyones = stationFor(snapshot, place)
    const theirs = stationFor(snapshot, place, personId)
    if (!everyones || !theirs || theirs.rest) continue
    const isList = theirs.list !== undefined
    theirs.exercises.forEach((exercise, position) => {
      if (!isList && !positions.has(position)) return
      const shared = everyones.exercises[position]!
      const how = isList ? (exercise.line ?? exercise.how) : exercise.how
      const key = [pieceId, station, position, exercise.name, how].join('/')
      const known = places.get(key) ?? {
        pieceId,
        station: station + 1,
        exercise: exercise.name,
        how,
        ...(exercise.name !== shared.name && { own: true as const }),
        done: 0,
        missed: 0,
      }
      const done = isDone(worked, phase, plannedMs)
      places.set(key, { ...known, done: known.done + (done ? 1 : 0), missed: known.missed + (done ? 0 : 1) })
    })
  }
  return [...places.values()]
}
