import type { Phase, Timeline } from '../timeline/phase'
import { inMilliseconds, type Milliseconds } from '../base/units'
import { apply } from '../run/clock/apply'
import type { RunEvent } from '../run/clock/events'
import { advance, initialProgress, phaseLimit, type Progress } from '../run/clock/progress'
import type { RunSnapshot } from '../run/room/snapshot'
import { stationIn } from '../run/room/station-in'

/** How long the class has really been in each of its intervals: by the turn's place, however often it was gone back to. */
export type Worked = ReadonlyMap<string, Milliseconds>

/** A turn counts as done when at least this share of its work was. */
const enough = 0.5

const keyOf = ({ pieceId, repeat, turn }: Phase) => `${pieceId}/${repeat}/${turn ?? 0}`

/** What was worked up to `now`, whatever was paused, skipped, gone back to, stretched or changed on the way. */
export function workedOf(timeline: Timeline, events: readonly RunEvent[], now: Milliseconds): Worked {
  const worked = new Map<string, Milliseconds>()
  let progress = initialProgress(timeline)
  for (const event of events) {
    span(progress, event.at, worked)
    progress = apply(progress, event)
  }
  span(progress, now, worked)
  return worked
}

/** Adds what passes from where the run stands until an instant at which nothing has happened yet. */
function span(from: Progress, until: Milliseconds, worked: Map<string, Milliseconds>): void {
  let here = from
  while (here.mode === 'running') {
    const phase = here.timeline.phases[here.phase]!
    const end = here.at + here.countIn + phaseLimit(here) - here.elapsed
    const spent = Math.min(until, end) - here.at - here.countIn
    if (phase.kind === 'work' && spent > 0) worked.set(keyOf(phase), (worked.get(keyOf(phase)) ?? 0) + spent)
    if (end > until || here.holding) return
    here = advance(here, end)
  }
}

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

/** Everyone's coverage of a circuit at the phase that is on. Nobody where people do not go round. */
export function coverageOf(snapshot: RunSnapshot, pieceId: string, present: Phase, worked: Worked): Coverage[] {
  const circuit = snapshot.circuits[pieceId]
  if (!circuit?.turns) return []
  const { phases } = snapshot.timeline
  const works = phases.filter((phase) => phase.kind === 'work' && phase.pieceId === pieceId)
  const turns = [...new Map(works.map((phase) => [keyOf(phase), phase])).values()]
  const planned = (turn: Phase) =>
    works.filter((phase) => keyOf(phase) === keyOf(turn)).reduce((sum, phase) => sum + inMilliseconds(phase.seconds), 0)
  const states = turns.map((turn) => {
    const last = works.findLast((phase) => keyOf(phase) === keyOf(turn))!
    return { turn, done: (worked.get(keyOf(turn)) ?? 0) >= enough * planned(turn), ahead: last.index >= present.index }
  })
  return snapshot.people.map(({ id: personId, name }) => {
    const at = (list: typeof states) => list.flatMap(({ turn }) => stationIn(snapshot, pieceId, turn, personId) ?? [])
    const sorted = (stations: Iterable<number>) => [...new Set(stations)].map((station) => station + 1).sort((a, b) => a - b)
    const done = new Set(at(states.filter((state) => state.done)))
    const toCome = new Set(at(states.filter((state) => !state.done && state.ahead)))
    const byLap = (station: number) => circuit.stations[station]?.exercises.some((exercise) => exercise.sides === 'byLap')
    const laps = (station: number) =>
      new Set(
        states
          .filter((state) => state.done && stationIn(snapshot, pieceId, state.turn, personId) === station)
          .map((state) => (state.turn.lap ?? 0) % 2),
      )
    return {
      personId,
      name,
      done: sorted(done),
      toCome: sorted([...toCome].filter((station) => !done.has(station))),
      missed: sorted(at(states).filter((station) => !done.has(station) && !toCome.has(station))),
      oneSide: sorted([...done].filter((station) => byLap(station) && laps(station).size === 1)),
    }
  })
}
