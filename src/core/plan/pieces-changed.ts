import type { Circuit, Part, Piece, Plan, Use } from './plan'
import { circuitsChanged } from './every-circuit'

/** The plan with every piece replaced by what `change` makes of it, none or several; a part that is left empty goes. */
export const piecesReplaced = (plan: Plan, change: (piece: Piece) => readonly Piece[]): Plan => ({
  ...plan,
  parts: plan.parts.map((part) => ({ ...part, pieces: part.pieces.flatMap(change) })).filter((part) => part.pieces.length > 0),
})

/** The plan with each piece changed. */
export const piecesChanged = (plan: Plan, change: (piece: Piece) => Piece): Plan => piecesReplaced(plan, (piece) => [change(piece)])

/** The plan with the one piece changed. */
export const pieceChanged = (plan: Plan, id: string, change: (piece: Piece) => Piece): Plan =>
  piecesChanged(plan, (piece) => (piece.id === id ? change(piece) : piece))

/** The plan with the one circuit changed, also where it is what a wave does meanwhile. */
export const circuitChanged = (plan: Plan, id: string, change: (circuit: Circuit) => Circuit): Plan =>
  piecesChanged(plan, (piece) => circuitsChanged(piece, (circuit) => (circuit.id === id ? change(circuit) : circuit)))

/** The plan with the one part changed. */
export const partChanged = (plan: Plan, id: string, change: Partial<Part>): Plan => ({
  ...plan,
  parts: plan.parts.map((part) => (part.id === id ? { ...part, ...change } : part)),
})

/** The plan with each use changed, those of what a wave does meanwhile too. */
export const usesChanged = (plan: Plan, change: (use: Use) => Use): Plan =>
  piecesChanged(plan, (piece) =>
    circuitsChanged(piece, (circuit) => ({
      ...circuit,
      stations: circuit.stations.map((station) => ({ ...station, uses: station.uses.map(change) })),
    })),
  )
