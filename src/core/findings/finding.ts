import type { ComputedClass, HallLibrary } from '../class/compute'
import type { OtherClass } from '../gear/overlap'
import type { ClassDocument } from '../hall/class-document'
import { exercisesById } from '../hall/by-id'
import type { Exercise } from '../hall/exercise'
import type { Room } from '../hall/room'
import { circuitsChanged, everyCircuit } from '../plan/every-circuit'
import type { Circuit, Piece, Station } from '../plan/plan'

/** A change that mends a finding: what it does in words, and the class as it would be. Nothing is changed until it is applied. */
export interface Fix {
  label: string
  apply: (document: ClassDocument) => ClassDocument
}

/** A computed judgement: what is so, why it matters, and where that comes from. */
export interface Finding {
  /** The rule's id, and what tells two of its findings apart. */
  id: string
  severity: 'mend' | 'weigh' | 'fine'
  what: string
  why: string
  /** A published source, or "common practice". */
  source?: string
  /** The piece it is about. */
  pieceId?: string
  fix?: Fix
}

/** What a rule may look at. */
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

export type Rule = (judged: Judged) => Finding[]

export const commonPractice = 'common practice'

export const piecesOf = (document: ClassDocument): Piece[] => document.plan.parts.flatMap((part) => part.pieces)

/** Every circuit, what a wave does meanwhile included. */
export const circuitsOf = (document: ClassDocument): Circuit[] => everyCircuit(document.plan)

/** The exercise at a position of a station, if the hall knows it. */
export function exerciseOf(library: HallLibrary, station: Station, position = 0): Exercise | undefined {
  const use = station.uses[position]
  return use && exercisesById(library.exercises).get(use.exerciseId)
}

/** The class with one piece, or a list that a wave does meanwhile, changed. */
export function withPiece<P extends Piece>(document: ClassDocument, piece: P, change: Partial<P>): ClassDocument {
  const changed = (each: Piece): Piece => (each.id === piece.id ? ({ ...each, ...change } as Piece) : circuitsChanged(each, (circuit) => (circuit.id === piece.id ? ({ ...circuit, ...change } as Circuit) : circuit)))
  const parts = document.plan.parts.map((part) => ({ ...part, pieces: part.pieces.map(changed) }))
  return { ...document, plan: { ...document.plan, parts } as ClassDocument['plan'] }
}
