import type { Circuit, Piece, Plan } from './plan'

/** Circuits, each with the list that a wave does meanwhile after it. */
export const withLists = (circuits: readonly Circuit[]): Circuit[] =>
  circuits.flatMap((circuit) => (circuit.waves ? [circuit, circuit.waves.meanwhile] : [circuit]))

/** Every circuit of a plan in order, what a wave does meanwhile included. */
export const everyCircuit = (plan: Plan): Circuit[] =>
  withLists(plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit')))

/** The piece with `change` made to its circuit and to the list that a wave does meanwhile; a pause stays as it is. */
export function circuitsChanged(piece: Piece, change: (circuit: Circuit) => Circuit): Piece {
  if (piece.type === 'pause') return piece
  const changed = change(piece)
  return changed.waves ? { ...changed, waves: { meanwhile: change(changed.waves.meanwhile) } } : changed
}
