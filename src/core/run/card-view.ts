import type { Phase } from '../timeline/phase'
import { eased, stationsAt } from './ease'
import type { RunSnapshot } from './snapshot'
import { roomView } from './room-view'
import type { RunState } from './state'
import { stationIn } from './station-in'

/** Where somebody is, or goes, and what they do there. */
export interface CardPlace {
  /** From 1; absent where all do the same together. */
  station?: number
  exercise: string
  /** Option, load, dose, side: how it is done. */
  how: string
  /** Form points, where the person does what everyone does. */
  points: string[]
  /** First names of those who are there too. */
  others: string[]
  side?: string
  /** In a group that takes turns: whether this person works now. */
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
  next?: CardPlace
  /** The stations still to come in this lap, the present one first. */
  ahead: { station: number; exercise: string }[]
  headline: string
}

const sideWords = ['first side', 'second side'] as const

/** The card of one person; `undefined` when the person is not in this class. */
export function cardView(snapshot: RunSnapshot, state: RunState, personId: string): CardView | undefined {
  const person = snapshot.people.find((each) => each.id === personId)
  if (!person) return undefined
  const room = roomView(snapshot, state)
  const base = { name: person.name, word: room.word, place: room.place, headline: room.headline, ahead: [], coming: false }
  if (state.status === 'finished') return base
  const { phases } = snapshot.timeline
  const work = state.phase.kind === 'work' ? state.phase : phases.slice(state.phase.index).find((each) => each.kind === 'work')
  if (!work) return base
  const coming = work !== state.phase || state.status === 'ready' || state.status === 'countIn'
  const atStations = placeAt(snapshot, work, personId)
  const now = atStations ?? meanwhileAt(snapshot, state, personId)
  // Whoever waits goes next to where they have a station again.
  const next = phases
    .slice(work.index + 1)
    .flatMap((each) => (each.kind === 'work' && (each.turn !== work.turn || each.pieceId !== work.pieceId) ? [placeAt(snapshot, each, personId)] : []))
    .find((place) => place !== undefined)
  const works = room.tiles.find((tile) => tile.number === now?.station)?.works
  return {
    ...base,
    coming: coming && atStations !== undefined,
    ...(now && { now: { ...now, ...(works !== undefined && { turn: works === person.name ? ('works' as const) : ('rests' as const) }) } }),
    ...(next && { next }),
    ahead: aheadOf(snapshot, work, personId),
  }
}

/** What the wave that is not at the stations does now, or does next. */
function meanwhileAt(snapshot: RunSnapshot, state: RunState, personId: string): CardPlace | undefined {
  const second = state.phase.start + state.elapsed / 1000
  const phase = snapshot.timeline.meanwhile?.find((each) => each.kind === 'work' && second < each.start + each.seconds)
  return phase && placeAt(snapshot, phase, personId)
}

function placeAt(snapshot: RunSnapshot, phase: Phase, personId: string): CardPlace | undefined {
  const circuit = snapshot.circuits[phase.pieceId]
  if (!circuit) return undefined
  const station = circuit.rotates ? stationIn(snapshot, phase.pieceId, phase.turn ?? 0, personId) : (phase.station ?? 0)
  if (station === undefined) return undefined
  const view = stationsAt(circuit, phase.repeat, phase.lap)[station]
  const planned = view?.exercises[phase.position ?? 0] ?? view?.exercises[0]
  const ease = snapshot.people.find((person) => person.id === personId)?.ease ?? snapshot.ease
  const usual = planned && eased(planned, ease)
  const doing = snapshot.doings?.find((each) => each.personId === personId && each.pieceId === phase.pieceId && each.station === station && each.position === (phase.position ?? 0))
  // An option of one's own is kept, whatever everyone does.
  const own = doing && doing.name === planned?.name ? { ...doing, name: usual!.name } : doing
  const units = circuit.units ?? snapshot.groups
  const ids = circuit.rotates ? (circuit.turns?.[phase.turn ?? 0]?.[station] ?? []).flatMap((unit) => units[unit] ?? []) : []
  const byLap = usual?.sides === 'byLap' ? sideWords[(phase.lap ?? 0) % 2] : undefined
  const side = phase.side !== undefined ? sideWords[phase.side] : byLap
  return {
    ...(circuit.rotates && { station: station + 1 }),
    exercise: view?.rest ? 'Rest' : (view?.list?.items.join(' · ') ?? own?.name ?? usual?.name ?? ''),
    how: view?.list?.aim ?? [own?.how ?? usual?.how, usual?.sides === 'half' ? 'change sides at the half' : ''].filter(Boolean).join(', '),
    points: view?.list || (own && own.name !== usual?.name) ? [] : (usual?.points ?? []),
    others: ids.filter((id) => id !== personId).flatMap((id) => snapshot.people.find((each) => each.id === id)?.name ?? []),
    ...(side && { side }),
  }
}

function aheadOf(snapshot: RunSnapshot, work: Phase, personId: string): CardView['ahead'] {
  const circuit = snapshot.circuits[work.pieceId]
  if (!circuit?.rotates || work.turn === undefined) return []
  const until = Math.min(circuit.turns?.length ?? 0, work.turn + 4)
  return Array.from({ length: Math.max(0, until - work.turn) }, (_, index) => {
    const place = placeAt(snapshot, { ...work, turn: work.turn! + index }, personId)
    return place?.station === undefined ? [] : [{ station: place.station, exercise: place.exercise }]
  }).flat()
}
