import { midSentence } from '../../base/mid-sentence'
import { inSeconds } from '../../base/units'
import { oneLine } from '../../summary/lead'
import { phaseWord } from '../../summary/names'
import type { Phase } from '../../timeline/phase'
import { slower } from '../room/ease'
import { linesOf as linesOfList, stationsAt } from '../room/eased'
import { ownAt } from '../room/own-doings'
import { calledThere } from '../room/shown-names'
import { unitsAt } from '../room/turns-at'
import { wayTo } from './move-words'
import { wayOfAll, waysRound, type WayRound } from './ways-round'
import { stopSign } from './stop-sign'
import { changeLine, howLine, nameWithSide, pointsOf, soonLine } from './work-lines'
import { roundWords } from './list-place'
import { placeWords, whereWeAre } from './place-words'
import type { Carried, CircuitView, ExerciseView, RunSnapshot } from '../room/snapshot'
import type { RunState } from '../clock/state'
import { shownFigure, type ShownFigure } from './shown-figure'
import { exerciseAt } from './sides-now'
import { comingWork, isAhead, workBefore } from '../room/whereabouts'

export interface Tile {
  number: number
  exercise: string
  /** Form points of what is done there. */
  points: string[]
  /** The picture of it, at its tempo. */
  figure?: ShownFigure
  people: string[]
  /** Whether any of these people are on their way here rather than here. */
  coming: boolean
  /** Which way each of them goes round, where not all go alike; absent for whom it is not told. */
  ways?: (WayRound | undefined)[]
  /** Who of them works now, where partners take turns or halves. */
  works?: string
  /** What is carried away and here before it begins. */
  carried?: Carried
  /** Out of order: nobody goes there. */
  closed?: true
}

export interface Watch {
  name: string
  station: number
  text: string
}

/** What a screen in the room says at an instant, in words. */
export interface RoomScreenView {
  word: string
  /** Where in the class: "Lap 1 of 2 · turn 3 of 8", or the piece's name. */
  place: string
  /** The one line under the word: the exercise, the way to go, or what the pause is for. */
  headline: string
  /** A second, smaller line. */
  detail: string
  /** Form points of the exercise that comes or is on, when everyone does the same. */
  points: string[]
  tiles: Tile[]
  /** Which way everybody goes round the stations, where all go alike. */
  onward?: 'up' | 'down' | undefined
  watch: Watch[]
}

const nothing = { points: [], tiles: [], watch: [] }

export function roomView(snapshot: RunSnapshot, state: RunState): RoomScreenView {
  if (state.status === 'finished')
    return { word: 'Done', place: '', headline: 'Thank you. Put the gear back and drink.', detail: '', ...nothing }
  const phase = state.phase
  const work = comingWork(snapshot, state)
  const based = work && snapshot.circuits[work.pieceId]
  // As the stations are at this repeat and lap.
  const circuit = based && { ...based, stations: stationsAt(based, work.repeat, work.lap, snapshot.ease) }
  const word = wordOf(state)
  if (!work || !circuit)
    return { word, place: snapshot.pieceNames[phase.pieceId] ?? '', headline: noteOf(snapshot, phase), detail: '', ...nothing }
  const before = phase !== work
  const atStations = circuit.rotates
  return {
    word,
    place: [placeOf(snapshot, phase, work), before || beforeAll(state) ? '' : roundWords(snapshot, state)].filter(Boolean).join(' · '),
    ...linesOf(snapshot, circuit, state, work, before),
    points: atStations || (before && beforeAll(state)) ? [] : pointsOf(circuit.stations[work.station ?? 0], work),
    tiles: atStations ? tilesOf(snapshot, circuit, work, isAhead(state, work), workerAt(snapshot, circuit, state, work)) : [],
    // Who comes from elsewhere comes from all sides.
    onward: atStations && (!isAhead(state, work) || workBefore(snapshot, work)) ? wayOfAll(circuit, work) : undefined,
    watch: watchOf(snapshot, circuit, work),
  }
}

/** Whether the class has not come to its first phase yet. */
const beforeAll = ({ status, phase, elapsed }: RunState) =>
  status === 'ready' || (status === 'countIn' && phase.index === 0 && elapsed === 0)

function wordOf(state: RunState): string {
  switch (state.status) {
    case 'ready':
      return 'Ready'
    case 'countIn':
      return 'Get set'
    case 'stopped':
      return stopSign(state)!.word
    default:
      return phaseWord(state.phase)
  }
}

const noteOf = (snapshot: RunSnapshot, phase: Phase) => snapshot.notes[phase.pieceId] ?? ''

/** While people are on the way to the next lap or circuit, the place is that of the work they go to. */
function placeOf(snapshot: RunSnapshot, phase: Phase, work: Phase): string {
  if (phase.pieceId !== work.pieceId) return snapshot.pieceNames[phase.pieceId] ?? ''
  const { time, lap } = whereWeAre(snapshot, work)
  const words = placeWords(snapshot, work)
  // With neither a time nor a lap to tell, the piece is told by its name.
  const { name } = snapshot.circuits[work.pieceId]!
  if (time || lap) return words
  return words ? `${name} · ${midSentence(words)}` : name
}

function linesOf(
  snapshot: RunSnapshot,
  circuit: CircuitView,
  state: RunState,
  work: Phase,
  before: boolean,
): { headline: string; detail: string } {
  const sign = stopSign(state)
  if (sign) return { headline: sign.lines.join(' '), detail: '' }
  if (before && beforeAll(state))
    return {
      headline: `First: ${snapshot.pieceNames[state.phase.pieceId] ?? phaseWord(state.phase)}`,
      detail: noteOf(snapshot, state.phase),
    }
  if (state.status === 'held') return { headline: 'Hold here.', detail: '' }
  if (!circuit.rotates) {
    const name = nameWithSide(circuit, work)
    if (before)
      return { headline: `Next: ${name}`, detail: [howLine(circuit, work), noteOf(snapshot, state.phase)].filter(Boolean).join('. ') }
    if (state.status === 'ready') return { headline: `First: ${name}`, detail: howLine(circuit, work) }
    const now = [changeLine(circuit, state, work), howLine(circuit, work)].filter(Boolean).join(' · ')
    return { headline: name, detail: soonLine(snapshot, state) || now }
  }
  if (!before) return { headline: changeLine(circuit, state, work), detail: meanwhileLine(snapshot, state) || partnerLine(circuit, work) }
  const first = state.phase.pieceId !== work.pieceId
  if (first) return { headline: `Next: ${circuit.name}. Find your station.`, detail: noteOf(snapshot, state.phase) }
  if (!state.phase.moves) return { headline: 'Stay at your station.', detail: '' }
  const way = wayTo(snapshot, circuit, work)
  return circuit.cross ? { ...way, detail: [way.detail, circuit.cross].filter(Boolean).join(' ') } : way
}

/** Who of a pair works now, when partners take turns by interval. */
const partnerLine = (circuit: CircuitView, work: Phase): string =>
  work.partner === undefined || circuit.pairsSentence === ''
    ? circuit.pairsSentence
    : `${work.partner === 0 ? 'First' : 'Second'} partner works, the other rests`

/** What the wave that is not at the stations does now. */
function meanwhileLine(snapshot: RunSnapshot, state: RunState): string {
  const second = state.phase.start + inSeconds(state.elapsed)
  const now = snapshot.timeline.meanwhile?.find((phase) => phase.start <= second && second < phase.start + phase.seconds)
  const circuit = now && snapshot.circuits[now.pieceId]
  if (!circuit) return ''
  return `The others: ${now.kind === 'work' ? nameWithSide(circuit, now) : phaseWord(now).toLowerCase()}`
}

const peopleAt = (snapshot: RunSnapshot, circuit: CircuitView, work: Phase, station: number): RunSnapshot['people'] =>
  unitsAt(circuit, work, station)
    .flatMap((unit) => (circuit.units ?? snapshot.groups)[unit] ?? [])
    .flatMap((id) => snapshot.people.find((known) => known.id === id) ?? [])

function tilesOf(
  snapshot: RunSnapshot,
  circuit: CircuitView,
  work: Phase,
  ahead: boolean,
  worker: (people: number) => number | undefined,
): Tile[] {
  const before = workBefore(snapshot, work)
  const ways = waysRound(circuit, work)
  const last = ahead
    ? snapshot.timeline.phases.slice(0, work.index).findLast(({ kind, pieceId }) => kind === 'work' && snapshot.circuits[pieceId]?.rotates)
    : undefined
  const carried = last && circuit.carried?.[last.pieceId]
  return circuit.stations.map((station, index): Tile => {
    const were = before ? unitsAt(circuit, before, index) : []
    const coming = ahead && unitsAt(circuit, work, index).some((unit) => !were.includes(unit))
    const here = calledThere(snapshot, circuit, unitsAt(circuit, work, index))
    const people = here.map(({ name }) => name)
    const works = station.rest ? undefined : people[worker(people.length) ?? -1]
    const closed = circuit.closed?.includes(index)
    const figure = closed || station.rest || station.list ? undefined : shownFigure(snapshot, exerciseAt(station, work))
    return {
      number: index + 1,
      exercise: closed
        ? 'Closed'
        : station.rest
          ? 'Rest'
          : station.list
            ? oneLine(linesOfList(station))
            : (exerciseAt(station, work)?.name ?? ''),
      points: station.rest || station.list ? [] : (exerciseAt(station, work)?.points ?? []),
      ...(figure && { figure }),
      people,
      ...(ways && { ways: here.map(({ unit }) => ways.get(unit)) }),
      coming,
      ...(works !== undefined && { works }),
      ...(carried?.[index] && { carried: carried[index] }),
      ...(closed && { closed: true }),
    }
  })
}

/**
 * Which of the people at a station works, by how many they are, where they take turns or halves. Two change as the timeline says;
 * more go on one by one, interval by interval, and begin with another of them at every station.
 */
function workerAt({ timeline }: RunSnapshot, circuit: CircuitView, state: RunState, work: Phase): (people: number) => number | undefined {
  if (circuit.pairs === 'both' || work.selfPaced) return () => undefined
  if (circuit.pairs === 'halfEach') {
    const second = state.phase === work && work.changeAt !== undefined && inSeconds(state.elapsed) >= work.changeAt
    return (people) => (people === 2 ? Number(second) : undefined)
  }
  const sameStay = (phase: Phase) =>
    phase.kind === 'work' && phase.pieceId === work.pieceId && phase.repeat === work.repeat && phase.turn === work.turn
  const nth = timeline.phases.slice(0, work.index).filter(sameStay).length
  return (people) => (people < 2 ? undefined : people === 2 ? work.partner : (nth + (work.turn ?? 0)) % people)
}

/** What somebody does for whom it was made easier or harder than for everyone. */
function easeWords({ ease }: RunSnapshot['people'][number], exercise: ExerciseView | undefined): string[] {
  if (!ease || ease === 'usual' || !exercise || exercise[ease]?.name === exercise.name) return []
  if (!exercise[ease]) return ease === 'easier' ? [`easier: ${slower}`] : []
  return [`${ease}: ${midSentence(exercise[ease].name)}`]
}

/** People who do something else at their present station than everyone, each once. */
function watchOf(snapshot: RunSnapshot, circuit: CircuitView, work: Phase): Watch[] {
  const places = (station: number) =>
    (work.selfPaced ? [...circuit.stations[station]!.exercises.keys()] : [work.position ?? 0]).map((position) => ({
      ...work,
      station,
      position,
    }))
  const textsOf = (person: RunSnapshot['people'][number], station: number): string[] => {
    if (person.onBreak) return ['takes a break']
    const own = places(station).flatMap((place) => ownAt(snapshot, person.id, place) ?? [])
    const texts = own.map(({ watch, dose, laps = Infinity }) =>
      (work.lap ?? 0) >= laps ? 'rests through this lap' : [watch, dose].filter(Boolean).join(', '),
    )
    const isSpared = own.some(({ watch }) => watch !== undefined)
    return [...texts, ...(isSpared ? [] : easeWords(person, exerciseAt(circuit.stations[station], work)))].filter(Boolean)
  }
  const look = (people: RunSnapshot['people'], station: number): Watch[] =>
    people.flatMap((person) => {
      const texts = [...new Set(textsOf(person, station))]
      return texts.length > 0 ? [{ name: person.name, station: station + 1, text: texts.join('; ') }] : []
    })
  if (!circuit.rotates) return look(snapshot.people, work.station ?? 0)
  return circuit.stations.flatMap((_, index) => look(peopleAt(snapshot, circuit, work, index), index))
}
