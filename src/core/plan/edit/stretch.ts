import { pieceChanged } from '../pieces-changed'
import type { Seconds } from '../../base/units'
import { limits } from '../../base/limits'
import type { Circuit, Piece, Plan } from '../plan'
import { turnsOf } from '../turns'

const step: Seconds = 5

const within = (seconds: Seconds) => Math.max(step, Math.min(limits.totalSeconds, Math.round(seconds / step) * step))

/** Intervals of work in the whole circuit, by which a change of its work figure counts. */
function intervalsOf(circuit: Circuit): number {
  const { stay } = circuit
  if (stay.kind === 'task') return turnsOf(circuit)
  const twice =
    circuit.travel === 'together'
      ? circuit.stations.filter((station) => station.uses[0]?.sides === 'ownInterval').length * (circuit.laps ?? 1)
      : 0
  return (turnsOf(circuit) + twice) * stay.sets * stay.workSeconds.length
}

/** The piece made about `by` seconds longer (or shorter): a pause in its length, a circuit in its work or cap, in steps of 5 s. */
export function stretchedPiece(piece: Piece, by: Seconds): Piece {
  if (piece.type === 'pause') return { ...piece, seconds: within(piece.seconds + by) }
  const { stay } = piece
  const perInterval = by / Math.max(1, intervalsOf(piece))
  if (stay.kind === 'task')
    return stay.capSeconds === undefined ? piece : { ...piece, stay: { ...stay, capSeconds: within(stay.capSeconds + perInterval) } }
  return { ...piece, stay: { ...stay, workSeconds: stay.workSeconds.map((seconds) => within(seconds + perInterval)) } }
}

/** The least change of a piece's length that a stretch by one step makes. */
export const stretchStep = (piece: Piece): Seconds => (piece.type === 'pause' ? step : step * intervalsOf(piece))

export const withStretched = (plan: Plan, id: string, by: Seconds): Plan => pieceChanged(plan, id, (piece) => stretchedPiece(piece, by))
