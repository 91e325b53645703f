import type { Seconds } from '../../base/units'
import type { Piece } from '../../plan/plan'
import { circuitClauses } from './circuit-clauses'
import type { Moving } from './moving'
import { circuitOffers, pauseOffers, type Offer } from './offers'
import { pauseClauses } from './pause-clauses'
import { clausesWithin, type Change, type Clause } from './said'

/** A piece as it is said and what can be added to it; each changes the piece. `seconds` is how long it is now. */
export function pieceSentence(piece: Piece, moving: Moving, seconds: Seconds): { clauses: Clause<Piece>[]; offers: Offer<Piece>[] } {
  return piece.type === 'pause'
    ? ofPiece(pauseClauses(piece), pauseOffers(piece), (of, change) => (of.type === 'pause' ? change(of) : of))
    : ofPiece(circuitClauses(piece, moving), circuitOffers(piece, seconds), (of, change) => (of.type === 'circuit' ? change(of) : of))
}

const ofPiece = <Kind extends Piece>(clauses: readonly Clause<Kind>[], offers: readonly Offer<Kind>[], change: Change<Piece, Kind>) => ({
  clauses: clausesWithin<Piece, Kind>(clauses, '', change),
  offers: offers.map(({ add, ...offer }): Offer<Piece> => ({ ...offer, add: (of, newId) => change(of, (kind) => add(kind, newId)) })),
})
