import type { Circuit, PairsWork, Pause, Piece, Plan } from '../plan/plan'
import type { Phase } from '../timeline/phase'

export const pauseNames: Record<Pause['kind'], string> = { brief: 'Brief', water: 'Water', swap: 'Swap', rest: 'Rest' }

export function pieceName(piece: Piece): string {
  if (piece.name) return piece.name
  if (piece.type === 'pause') return pauseNames[piece.kind]
  if (piece.travel === 'rotate') return 'Stations'
  return piece.stay.kind === 'task' ? 'List' : 'Everyone the same'
}

/** "Station 3", or "Blue loop 3" where the circuit has a name of its own. */
export function stationName({ name }: Pick<Circuit, 'name'>, station: number): string {
  return `${!name || name === 'Stations' ? 'Station' : name} ${station + 1}`
}

/** The names of a plan's pieces by id. */
export const pieceNames = (plan: Plan): Record<string, string> =>
  Object.fromEntries(plan.parts.flatMap((part) => part.pieces.map((piece) => [piece.id, pieceName(piece)])))

/** The word the room reads and hears for a phase. */
export function phaseWord(phase: Pick<Phase, 'kind' | 'pause' | 'moves'>): string {
  if (phase.kind === 'work') return 'Work'
  if (phase.kind === 'transition') return 'Move on'
  if (phase.kind === 'unplanned') return 'Free'
  return phase.kind === 'rest' ? 'Rest' : pauseNames[phase.pause!]
}

/** How the partners of a group work; nothing to say when people work alone. */
export function pairsSentence(pairs: PairsWork, largestGroup: number): string {
  if (largestGroup < 2) return ''
  const who = largestGroup === 2 ? 'In pairs' : 'In groups'
  if (pairs === 'both') return largestGroup === 2 ? `${who}, both working` : `${who}, all working`
  return pairs === 'inTurns' ? `${who}, taking turns by interval` : `${who}, half the interval each`
}
