import { assess } from './assess'
import { elsewhere, type Rotation } from './rotation'
import { tableOf } from './table'

/** Something that happens to a rotation under way. Units and stations are counted from 0. */
export type Change =
  | { type: 'arrives' }
  | { type: 'leaves'; unit: number }
  | { type: 'tradePlaces'; one: number; other: number }
  | { type: 'closes'; station: number }
  | { type: 'opens'; station: number }

/** A rotation after a change, and what the change costs. */
export interface Changed {
  rotation: Rotation
  /** Stations that units no longer come to, and would have. */
  missedVisits: { unit: number; station: number }[]
  /** Pairs of units that no longer meet, and would have. */
  missedMeetings: [number, number][]
  /** What it costs in words; empty when it costs nothing. */
  cost: string[]
}

type Paths = number[][]

/**
 * The smallest change of a rotation from turn `from` on: what is past stays as it was, and so does everyone whom the change does
 * not touch. `most` is how many units a station holds at once. Nobody is dropped: a unit without a station is `elsewhere`, and
 * that is told.
 */
export function withChange(
  rotation: Rotation,
  change: Change,
  from: number,
  stations: number,
  most: number,
  nameOf: (unit: number) => string = (unit) => `group ${unit + 1}`,
): Changed {
  const turns = rotation.turns.length
  const before = rotation.paths
  const paths = changedPaths(before, change, from, turns, stations, most)
  const known = before.length
  const [was, now] = [assess(before, stations), assess(paths, stations)]
  const gone = change.type === 'leaves' ? change.unit : -1
  const missedVisits: Changed['missedVisits'] = []
  const missedMeetings: Changed['missedMeetings'] = []
  for (let unit = 0; unit < known; unit++) {
    if (unit === gone) continue
    for (let station = 0; station < stations; station++)
      if (was.visits[unit]![station]! > 0 && now.visits[unit]![station] === 0) missedVisits.push({ unit, station })
    for (let other = unit + 1; other < known; other++)
      if (other !== gone && was.meetings[unit]![other]! > 0 && now.meetings[unit]![other] === 0) missedMeetings.push([unit, other])
  }
  const idle = paths.flatMap((path, unit) =>
    unit === gone ? [] : path.slice(from).filter((station, step) => station === elsewhere && before[unit]?.[from + step] !== elsewhere),
  ).length
  const list = (texts: string[]) => (texts.length > 3 ? `${texts.slice(0, 3).join(', ')} and ${texts.length - 3} more` : texts.join(', '))
  const cost = [
    ...(missedVisits.length > 0
      ? [`No longer at a station: ${list(missedVisits.map(({ unit, station }) => `${nameOf(unit)} at ${station + 1}`))}.`]
      : []),
    ...(missedMeetings.length > 0
      ? [`No longer together: ${list(missedMeetings.map(([one, other]) => `${nameOf(one)} and ${nameOf(other)}`))}.`]
      : []),
    ...(idle > 0 ? [`${idle} ${idle === 1 ? 'turn' : 'turns'} without a place: rest or help.`] : []),
  ]
  return { rotation: { ...rotation, paths, turns: tableOf(paths, stations, turns) }, missedVisits, missedMeetings, cost }
}

function changedPaths(before: Paths, change: Change, from: number, turns: number, stations: number, most: number): Paths {
  switch (change.type) {
    case 'leaves':
      return before.map((path, unit) => (unit === change.unit ? path.map((station, turn) => (turn < from ? station : elsewhere)) : path))
    case 'tradePlaces':
      return before.map((path, unit) => {
        const source = unit === change.one ? before[change.other]! : unit === change.other ? before[change.one]! : path
        return path.map((station, turn) => (turn < from ? station : source[turn]!))
      })
    case 'arrives':
      return [...before, arrival(before, from, turns, stations, most)]
    case 'closes':
      return rerouted(before, from, turns, stations, most, change.station)
    case 'opens':
      return rerouted(before, from, turns, stations, most, undefined, change.station)
  }
}

const crowd = (paths: Paths, turn: number, station: number) => paths.reduce((sum, path) => sum + (path[turn] === station ? 1 : 0), 0)

/** The way of a late unit: the way round that keeps to the fewest others, each turn at a free place, a new station before a known one. */
function arrival(before: Paths, from: number, turns: number, stations: number, most: number): number[] {
  const path: number[] = Array<number>(turns).fill(elsewhere)
  const visits = Array<number>(stations).fill(0)
  const all = Array.from({ length: stations }, (_, station) => station)
  for (let turn = from; turn < turns; turn++) {
    const last = turn > from ? path[turn - 1]! : elsewhere
    const points = (station: number) =>
      crowd(before, turn, station) * 4 + visits[station]! * 3 + (last >= 0 && station !== (last + 1) % stations ? 1 : 0)
    const free = all.filter((station) => crowd(before, turn, station) < most)
    if (free.length === 0) continue
    const best = free.reduce((a, b) => (points(b) < points(a) ? b : a))
    path[turn] = best
    visits[best]!++
  }
  return path
}

/**
 * Units at a closed station, or without one when a station opens, go to the freest station they have been at least; others stay as
 * they are.
 */
function rerouted(before: Paths, from: number, turns: number, stations: number, most: number, closed?: number, opened?: number): Paths {
  const paths = before.map((path) => [...path])
  for (let turn = from; turn < turns; turn++) {
    const moved = paths.flatMap((path, unit) =>
      (closed !== undefined && path[turn] === closed) || (opened !== undefined && path[turn] === elsewhere) ? [unit] : [],
    )
    for (const unit of moved) paths[unit]![turn] = elsewhere
    for (const unit of moved) {
      const free = Array.from({ length: stations }, (_, station) => station).filter(
        (station) => station !== closed && crowd(paths, turn, station) < most,
      )
      const seen = (station: number) => paths[unit]!.filter((each) => each === station).length
      if (free.length > 0)
        paths[unit]![turn] = free.reduce((a, b) => (crowd(paths, turn, b) * 2 + seen(b) < crowd(paths, turn, a) * 2 + seen(a) ? b : a))
    }
  }
  return paths
}
