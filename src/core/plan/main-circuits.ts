import type { Seconds } from '../base/units'
import type { Circuit, Piece, Plan } from './plan'
import { rotatingCircuits, turnsOf } from './turns'

/** The circuits that the class is about: those in which people rotate, else the longest. */
export function mainCircuits(plan: Plan): Circuit[] {
  const rotating = rotatingCircuits(plan)
  if (rotating.length > 0) return rotating
  const main = mainPiece(plan)
  return main.type === 'circuit' ? [main] : []
}

/** The piece a person most likely wants to work on: the first rotation, else the circuit with the most work, else the first piece. */
export function mainPiece(plan: Plan): Piece {
  const pieces = plan.parts.flatMap((part) => part.pieces)
  const circuits = pieces.filter((piece): piece is Circuit => piece.type === 'circuit')
  const longest = circuits.reduce<Circuit | undefined>((best, next) => (best && workOf(best) >= workOf(next) ? best : next), undefined)
  return circuits.find((circuit) => circuit.travel === 'rotate') ?? longest ?? pieces[0]!
}

/** Seconds of work in a circuit, near enough to compare; a list without a cap counts as ten minutes. */
function workOf(circuit: Circuit): Seconds {
  const { stay } = circuit
  const perStay = stay.kind === 'task' ? (stay.capSeconds ?? 600) : stay.sets * stay.workSeconds.reduce((sum, seconds) => sum + seconds, 0)
  return perStay * turnsOf(circuit)
}
