import { midSentence } from '../../base/mid-sentence'
import type { Phase } from '../../timeline/phase'
import { oneLine } from '../../summary/lead'
import { inSeconds, type Milliseconds } from '../../base/units'
import { stationFor } from '../room/done-here'
import { linesOf } from '../room/eased'
import type { CircuitView, ExerciseView, RunSnapshot } from '../room/snapshot'
import { roomView } from './room-view'
import { listFigures, shownFigure, type ShownFigure } from './shown-figure'
import { exerciseAt, sideNow } from './sides-now'
import type { RunState } from '../clock/state'
import { comingWork, isAhead, workBefore } from '../room/whereabouts'
import { waysRound, type WayRound } from './ways-round'
import { stationIn } from '../room/station-in'
import { turnsAt, unitsAt } from '../room/turns-at'

/** Where somebody is, or goes, and what they do there. */
export interface CardPlace {
  /** From 1; absent where all do the same together. */
  station?: number
  exercise: string
  /** The lines of a list, one by one. */
  items?: string[]
  /** Option, load, dose, side: how it is done. */
  how: string
  /** Form points, where the person does what everyone does. */
  points: string[]
  figure?: ShownFigure
  /** Of the lines of a list. */
  pictures?: (ShownFigure | undefined)[]
  /** First names of those who are there too. */
  others: string[]
  side?: string
  /** Which way one goes round, where not all go alike. */
  way?: WayRound
  /** In a group that takes turns: whether this person works in it. */
  turn?: 'works' | 'rests' | undefined
}

/** What one person's card says at an instant. */
export interface CardView {
  name: string
  word: string
  /** Where in the class. */
  place: string
  /** Where the person is, or is going to while the room moves. */
  now?: CardPlace
  /** Whether the person is on the way there. */
  coming: boolean
  /** Whether what is done there has not begun. */
  ahead: boolean
  next?: CardPlace
  /** The stations still to come in this lap, the present one first. */
  stations: { station: number; exercise: string }[]
  headline: string
  /** What the person has said on the card, or the coach for them. */
  easier: boolean
  onBreak: boolean
}

/** The card of one person; `undefined` when the person is not in this class. */
export function cardView(snapshot: RunSnapshot, state: RunState, personId: string): CardView | undefined {
  const person = snapshot.people.find((person) => person.id === personId)
  if (!person) return undefined
  const room = roomView(snapshot, state)
  const base = {
    name: person.name,
    word: room.word,
    place: room.place,
    headline: room.headline,
    stations: [],
    coming: false,
    ahead: false,
    easier: person.ease === 'easier',
    onBreak: person.onBreak ?? false,
  }
  if (state.status === 'finished') return base
  const { phases } = snapshot.timeline
  const work = comingWork(snapshot, state)
  if (!work) return base
  const ahead = isAhead(state, work)
  const atStations = placeAt(snapshot, work, personId, ahead ? undefined : state.elapsed)
  const before = workBefore(snapshot, work)
  const stays = before !== undefined && placeAt(snapshot, before, personId)?.station === atStations?.station
  const now = atStations ?? meanwhileAt(snapshot, state, personId)
  // The first that is elsewhere, or something else; whoever waits goes next to where they have a station again.
  const next = phases
    .slice(work.index + 1)
    .flatMap((phase) => (phase.kind === 'work' ? [placeAt(snapshot, phase, personId)] : []))
    .find((place) => place !== undefined && (place.station !== now?.station || place.exercise !== now?.exercise))
  const works = room.tiles.find((tile) => tile.number === now?.station)?.works
  return {
    ...base,
    coming: ahead && atStations !== undefined && !stays,
    ahead,
    ...(now && { now: { ...now, ...(works !== undefined && { turn: works === person.name ? ('works' as const) : ('rests' as const) }) } }),
    ...(next && { next }),
    stations: stationsFrom(snapshot, work, personId),
  }
}

/** What the wave that is not at the stations does now, or does next. */
function meanwhileAt(snapshot: RunSnapshot, state: RunState, personId: string): CardPlace | undefined {
  const second = state.phase.start + inSeconds(state.elapsed)
  const phase = snapshot.timeline.meanwhile?.find((meanwhile) => meanwhile.kind === 'work' && second < meanwhile.start + meanwhile.seconds)
  return phase && placeAt(snapshot, phase, personId)
}

/** Where somebody is in a phase; `elapsed` into it, once it has begun. */
function placeAt(snapshot: RunSnapshot, phase: Phase, personId: string, elapsed?: Milliseconds): CardPlace | undefined {
  const circuit = snapshot.circuits[phase.pieceId]
  if (!circuit) return undefined
  const station = circuit.rotates ? stationIn(snapshot, phase.pieceId, phase, personId) : (phase.station ?? 0)
  if (station === undefined) return undefined
  const view = stationFor(snapshot, { ...phase, station }, personId)
  const done = exerciseAt(view, phase)
  const begun = elapsed !== undefined
  const unit = (circuit.units ?? snapshot.groups).findIndex((ids) => ids.includes(personId))
  const way = circuit.rotates ? waysRound(circuit, phase)?.get(unit) : undefined
  const pictures = view?.rest ? undefined : listFigures(snapshot, view)
  const figure = view?.list || view?.rest ? undefined : shownFigure(snapshot, done)
  const side = begun || done?.sides !== 'half' ? sideNow(done, phase, circuit, elapsed ?? 0) : undefined
  return {
    ...(circuit.rotates && { station: station + 1 }),
    ...whatIsDone(view, done, begun, circuit.begins?.[station]?.[personId]),
    others: othersAt(snapshot, circuit, phase, station, personId),
    ...(figure && { figure }),
    ...(pictures && { pictures }),
    ...(side && { side }),
    ...(way && { way }),
  }
}

/** What one reads of a station on one's card: the list, or the one exercise, and how it is done. */
function whatIsDone(
  view: ReturnType<typeof stationFor>,
  done: ExerciseView | undefined,
  begun: boolean,
  beginsWith: number | undefined,
): Pick<CardPlace, 'exercise' | 'items' | 'how' | 'points'> {
  if (!view || view.rest) return { exercise: view?.rest ? 'Rest' : '', how: '', points: [] }
  if (view.list) {
    const rounds = view.rounds === undefined ? '' : `yours: ${view.rounds} ${view.rounds === 1 ? 'round' : 'rounds'}`
    const first = beginsWith === undefined ? undefined : view.exercises[beginsWith]
    // What is done once comes first for everybody.
    const hasOpener = view.list.marks?.typical[0]?.round === undefined && view.list.marks !== undefined
    // Where an exercise comes again, its name alone does not say where.
    const comesAgain = view.exercises.filter(({ name }) => name === first?.name).length > 1
    const item = comesAgain ? `item ${beginsWith! + 1}, ` : ''
    const begin = first ? `${hasOpener ? 'In the rounds begin' : 'Begin'} with ${item}${midSentence(first.name)}` : ''
    const items = linesOf(view)
    return { exercise: oneLine(items), items, how: [begin, view.list.aim, rounds].filter(Boolean).join('; '), points: [] }
  }
  const changes = done?.sides === 'half' && !begun ? 'change sides at the half' : ''
  return { exercise: done?.name ?? '', how: [done?.how, changes].filter(Boolean).join(', '), points: done?.points ?? [] }
}

function othersAt(snapshot: RunSnapshot, circuit: CircuitView, phase: Phase, station: number, personId: string): string[] {
  if (!circuit.rotates) return []
  const units = circuit.units ?? snapshot.groups
  const ids = unitsAt(circuit, phase, station).flatMap((unit) => units[unit] ?? [])
  return ids.filter((id) => id !== personId).flatMap((id) => snapshot.people.find((person) => person.id === id)?.name ?? [])
}

function stationsFrom(snapshot: RunSnapshot, work: Phase, personId: string): CardView['stations'] {
  const circuit = snapshot.circuits[work.pieceId]
  if (!circuit?.rotates || work.turn === undefined) return []
  const until = Math.min(turnsAt(circuit, work.repeat)?.length ?? 0, work.turn + 4)
  return Array.from({ length: Math.max(0, until - work.turn) }, (_, index) => {
    const place = placeAt(snapshot, { ...work, turn: work.turn! + index, ...(index > 0 && { position: 0 }) }, personId)
    return place?.station === undefined ? [] : [{ station: place.station, exercise: place.exercise }]
  }).flat()
}
