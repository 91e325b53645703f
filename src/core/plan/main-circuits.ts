import type { Circuit, Piece, Plan } from './plan'
import { rolesOf, workOf } from './roles'

/** The circuits that the class is about: those of its main part, and what finishes it. Where it has none, all of them. */
export function mainCircuits(plan: Plan): Circuit[] {
  const circuits = plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit'))
  const roles = rolesOf(plan)
  const main = circuits.filter(({ id }) => roles.get(id) === 'main' || roles.get(id) === 'finisher')
  return main.length > 0 ? main : circuits
}

/**
 * The piece a person most likely wants to work on: the first rotation of the main part, else its circuit with the most work,
 * else the first piece.
 */
export function mainPiece(plan: Plan): Piece {
  const main = mainCircuits(plan)
  const repeatOf = (circuit: Circuit) => plan.parts.find(({ pieces }) => pieces.includes(circuit))?.repeat ?? 1
  const most = main.reduce<Circuit | undefined>(
    (best, next) => (best && workOf(best, repeatOf(best)) >= workOf(next, repeatOf(next)) ? best : next),
    undefined,
  )
  return main.find((circuit) => circuit.travel === 'rotate') ?? most ?? plan.parts[0]!.pieces[0]!
}
