import { turnsAt, unitsAt as unitsIn } from '../room/turns-at'
import type { Phase } from '../../timeline/phase'
import { roomView } from './room-view'
import { togetherView } from './together-view'
import { linesOf, stationsAt } from '../room/eased'
import type { CircuitView, ExerciseView, RunSnapshot } from '../room/snapshot'
import type { RunState } from '../clock/state'
import { listFigures, type ShownFigure } from './shown-figure'
import { exerciseAt, sideNow } from './sides-now'
import { namesThere } from '../room/shown-names'
import { comingWork, isAhead } from '../room/whereabouts'

/** What the screen at one station says. */
export interface StationScreenView {
  word: string
  place: string
  /** Absent while there is nothing to do here. */
  exercise?: Pick<ExerciseView, 'name' | 'points' | 'how'>
  figure?: ShownFigure
  /** Of the items of a list. */
  pictures?: (ShownFigure | undefined)[]
  /** The items of a list. */
  items: string[]
  /** Who is here, or is coming. */
  people: string[]
  coming: boolean
  /** Whether what is done here has not begun. */
  ahead: boolean
  works?: string
  side?: string
  closed: boolean
  /** Who comes after them, and where those who are here go. */
  nextPeople: string[]
  /** What those bring along: it does not stand here. */
  nextBrings?: string[]
  nextStation?: number
}

/** Numbers, from 1, of the stations that people come to in any circuit. */
export const stationsIn = ({ circuits }: Pick<RunSnapshot, 'circuits'>): number[] =>
  Array.from(
    { length: Math.max(0, ...Object.values(circuits).map((circuit) => (circuit.rotates ? circuit.stations.length : 0))) },
    (_, index) => index + 1,
  )

const nothingHere = { items: [], people: [], coming: false, ahead: false, closed: false, nextPeople: [] }

/** The screen of a station, by its number from 1. */
export function stationView(snapshot: RunSnapshot, state: RunState, number: number): StationScreenView {
  const { word, place, tiles } = roomView(snapshot, state)
  const tile = tiles.find((shown) => shown.number === number)
  const work = comingWork(snapshot, state)
  const circuit = work && snapshot.circuits[work.pieceId]
  const shared = togetherView(snapshot, state)
  if (shared) {
    const { exercise: name, lines, how, isList, ahead, soon, figure, pictures } = shared
    return {
      ...nothingHere,
      word,
      place,
      ahead,
      ...(isList ? { items: lines } : { exercise: { name, points: lines, how } }),
      ...(figure && { figure }),
      ...(pictures && { pictures }),
      ...(soon && { side: soon }),
    }
  }
  if (!tile || !work || !circuit) return { word, place, ...nothingHere }
  const station = stationsAt(circuit, work.repeat, work.lap, snapshot.ease)[number - 1]!
  const exercise = exerciseAt(station, work)
  const ahead = isAhead(state, work)
  const pictures = tile.closed ? undefined : listFigures(snapshot, station)
  const side =
    ahead && exercise?.sides === 'half' ? 'change sides at the half' : sideNow(exercise, work, circuit, ahead ? 0 : state.elapsed)
  return {
    word,
    place,
    ahead,
    people: tile.people,
    coming: tile.coming,
    closed: tile.closed ?? false,
    items: linesOf(station),
    ...(!tile.closed && !station.rest && exercise && { exercise }),
    ...(tile.figure && { figure: tile.figure }),
    ...(pictures && { pictures }),
    ...(tile.works !== undefined && { works: tile.works }),
    ...(side && { side }),
    ...nextAt(snapshot, circuit, work, number - 1),
  }
}

/** Who comes to a station after those who are there in `work`, and where those go, if they go together. */
function nextAt(
  snapshot: RunSnapshot,
  circuit: CircuitView,
  work: Phase,
  station: number,
): Pick<StationScreenView, 'nextPeople' | 'nextBrings' | 'nextStation'> {
  const next = snapshot.timeline.phases
    .slice(work.index + 1)
    .find((phase) => phase.kind === 'work' && phase.pieceId === work.pieceId && phase.turn !== work.turn)
  if (!next) return { nextPeople: [] }
  const coming = unitsIn(circuit, next, station)
  const nextPeople = namesThere(snapshot, circuit, coming)
  const nextBrings = [...new Set(coming.flatMap((unit) => circuit.brings?.[`${station}/${unit}`] ?? []))]
  const here = unitsIn(circuit, work, station)
  const goesTo = (turnsAt(circuit, next.repeat)?.[next.turn ?? 0] ?? []).findIndex((there) => there.some((unit) => here.includes(unit)))
  return { nextPeople, ...(nextBrings.length > 0 && { nextBrings }), ...(goesTo >= 0 && !circuit.units && { nextStation: goesTo + 1 }) }
}
