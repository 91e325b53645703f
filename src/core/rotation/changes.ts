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

/** A rotation under way: as it would be with every station open, and which are closed. */
export interface UnderWay {
  planned: number[][]
  closed: readonly number[]
}

/** A rotation after a change, and what the change costs. */
export interface Changed {
  rotation: Rotation
  underWay: UnderWay
  /** Stations that units no longer come to, and would have. */
  missedVisits: { unit: number; station: number }[]
  /** Pairs of units that no longer meet, and would have. */
  missedMeetings: [number, number][]
  /** What it costs in words; empty when it costs nothing. */
  cost: string[]
}

type Paths = number[][]

/**
 * A change of a rotation from turn `from` on. All that is to come is worked out from how it was planned, round the stations that
 * are closed: what is past stays as it was, nobody comes to a closed station, and when one opens again everyone goes back to what
 * was planned, those who wait or have left with it. `most` is how many units a station holds at once. Nobody is dropped: a unit
 * without a station is `elsewhere`, and that is told.
 */
export function withChange(
  rotation: Rotation,
  change: Change,
  from: number,
  stations: number,
  most: number,
  nameOf: (unit: number) => string = (unit) => `group ${unit + 1}`,
  underWay: UnderWay = { planned: rotation.paths, closed: [] },
): Changed {
  const turns = rotation.turns.length
  const before = rotation.paths
  const after = changedPlan(underWay, before, change, from, stations, most)
  const paths = reroutedRound(after, before, from, stations, most)
  const gone = change.type === 'leaves' ? change.unit : -1
  const { missedVisits, missedMeetings } = missed(underWay.planned, before, paths, stations, gone)
  const idle = paths.flatMap((path, unit) =>
    unit === gone ? [] : path.slice(from).filter((station, step) => station === elsewhere && before[unit]?.[from + step] !== elsewhere),
  ).length
  return {
    rotation: { ...rotation, paths, turns: tableOf(paths, stations, turns) },
    underWay: after,
    missedVisits,
    missedMeetings,
    cost: [
      ...costOf('No longer at a station', missedVisits, ({ unit, station }) => `${nameOf(unit)} at ${station + 1}`),
      ...costOf('No longer together', missedMeetings, ([one, other]) => `${nameOf(one)} with ${nameOf(other)}`),
      ...(idle > 0 ? [`${idle} ${idle === 1 ? 'turn' : 'turns'} without a place: rest or help.`] : []),
    ],
  }
}

/**
 * What the units that were there before, but for the one that has `gone`, had before a change and have no longer; of meetings, those
 * that were planned.
 */
function missed(
  planned: Paths,
  before: Paths,
  after: Paths,
  stations: number,
  gone: number,
): Pick<Changed, 'missedVisits' | 'missedMeetings'> {
  const [plan, given, now] = [assess(planned, stations), assess(before, stations), assess(after, stations)]
  const missedVisits: Changed['missedVisits'] = []
  const missedMeetings: Changed['missedMeetings'] = []
  for (let unit = 0; unit < before.length; unit++) {
    if (unit === gone) continue
    for (let station = 0; station < stations; station++)
      if (given.visits[unit]![station]! > 0 && now.visits[unit]![station] === 0) missedVisits.push({ unit, station })
    for (let other = unit + 1; other < before.length; other++)
      if (other !== gone && plan.meetings[unit]![other]! > 0 && given.meetings[unit]![other]! > 0 && now.meetings[unit]![other] === 0)
        missedMeetings.push([unit, other])
  }
  return { missedVisits, missedMeetings }
}

/** A cost in words, three of its cases by name; nothing where there is none. */
function costOf<Case>(what: string, cases: readonly Case[], words: (one: Case) => string): string[] {
  if (cases.length === 0) return []
  const named = cases.slice(0, 3).map(words).join('; ')
  return [`${what}: ${named}${cases.length > 3 ? `; and ${cases.length - 3} more` : ''}.`]
}

/** How it is planned after the change, from turn `from` on. */
function changedPlan({ planned, closed }: UnderWay, now: Paths, change: Change, from: number, stations: number, most: number): UnderWay {
  const fromThen = (path: number[], source: (turn: number) => number) => path.map((station, turn) => (turn < from ? station : source(turn)))
  switch (change.type) {
    case 'leaves':
      return { closed, planned: planned.map((path, unit) => (unit === change.unit ? fromThen(path, () => elsewhere) : path)) }
    case 'tradePlaces':
      return {
        closed,
        planned: planned.map((path, unit) => {
          const source = unit === change.one ? change.other : unit === change.other ? change.one : unit
          return fromThen(path, (turn) => planned[source]![turn]!)
        }),
      }
    case 'arrives':
      return { closed, planned: [...planned, arrival(now, from, stations, most, new Set(closed))] }
    case 'closes':
      return { planned, closed: [...new Set([...closed, change.station])].sort((one, other) => one - other) }
    case 'opens':
      return { planned, closed: closed.filter((station) => station !== change.station) }
  }
}

const crowd = (paths: Paths, turn: number, station: number) => paths.reduce((sum, path) => sum + (path[turn] === station ? 1 : 0), 0)

/**
 * The way of a late unit: the way round that keeps to the fewest others, each turn at a free and open place, a new station before
 * a known one.
 */
function arrival(now: Paths, from: number, stations: number, most: number, closed: ReadonlySet<number>): number[] {
  const turns = now[0]?.length ?? 0
  const path: number[] = Array<number>(turns).fill(elsewhere)
  const visits = Array<number>(stations).fill(0)
  const open = Array.from({ length: stations }, (_, station) => station).filter((station) => !closed.has(station))
  for (let turn = from; turn < turns; turn++) {
    const last = turn > from ? path[turn - 1]! : elsewhere
    const points = (station: number) =>
      crowd(now, turn, station) * 4 + visits[station]! * 3 + (last >= 0 && station !== (last + 1) % stations ? 1 : 0)
    const free = open.filter((station) => crowd(now, turn, station) < most)
    if (free.length === 0) continue
    const best = free.reduce((a, b) => (points(b) < points(a) ? b : a))
    path[turn] = best
    visits[best]!++
  }
  return path
}

/**
 * What is past as it was, and from turn `from` on as planned; units planned at a closed station go where they were sent already,
 * or to the freest one, where they have been least.
 */
function reroutedRound({ planned, closed }: UnderWay, before: Paths, from: number, stations: number, most: number): Paths {
  const shut = new Set(closed)
  const open = Array.from({ length: stations }, (_, station) => station).filter((station) => !shut.has(station))
  const paths = planned.map((path, unit) => path.map((station, turn) => (turn < from ? (before[unit]?.[turn] ?? elsewhere) : station)))
  const turns = planned[0]?.length ?? 0
  for (let turn = from; turn < turns; turn++) {
    const moved = paths.flatMap((path, unit) => (shut.has(path[turn]!) ? [unit] : []))
    const sent = (unit: number) => {
      const station = before[unit]?.[turn] ?? elsewhere
      return shut.has(station) ? elsewhere : station
    }
    for (const unit of moved) paths[unit]![turn] = elsewhere
    for (const unit of moved) if (crowd(paths, turn, sent(unit)) < most) paths[unit]![turn] = sent(unit)
    for (const unit of moved.filter((unit) => paths[unit]![turn] === elsewhere)) {
      const free = open.filter((station) => crowd(paths, turn, station) < most)
      const seen = (station: number) => paths[unit]!.filter((visited) => visited === station).length
      if (free.length > 0)
        paths[unit]![turn] = free.reduce((a, b) => (crowd(paths, turn, b) * 2 + seen(b) < crowd(paths, turn, a) * 2 + seen(a) ? b : a))
    }
  }
  return paths
}
