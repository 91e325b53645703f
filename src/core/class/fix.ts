import type { ClassDocument } from './class-document'
import type { Room } from '../library/room'
import { circuitsChanged } from '../plan/every-circuit'
import { piecesChanged } from '../plan/pieces-changed'
import type { Circuit, Piece } from '../plan/plan'
import type { ComputedClass, HallLibrary } from './compute'
import type { OtherClass } from './overlap'

/** A change that mends a finding: what it does in words, and the class as it would be. Nothing is changed until it is applied. */
export interface Fix {
  label: string
  apply: (document: ClassDocument) => ClassDocument
}

/** What is looked at where a class is judged, and where it is mended. */
export interface Judged {
  document: ClassDocument
  computed: ComputedClass
  library: HallLibrary
  room: Room | undefined
  /** The hall's other classes round this one's time. */
  others?: readonly OtherClass[] | undefined
  /** For the ids of what a fix adds. */
  newId: () => string
}

/** The class with one piece, or a list that a wave does meanwhile, changed. */
export function withPiece<P extends Piece>(document: ClassDocument, piece: P, change: Partial<P>): ClassDocument {
  const changed = (known: Piece): Piece =>
    known.id === piece.id
      ? ({ ...known, ...change } as Piece)
      : circuitsChanged(known, (circuit) => (circuit.id === piece.id ? ({ ...circuit, ...change } as Circuit) : circuit))
  return { ...document, plan: piecesChanged(document.plan, changed) }
}
