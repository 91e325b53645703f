import type { HallLibrary } from '../../class/compute'
import type { Fix, Judged } from '../../class/fix'
import type { ClassDocument } from '../../class/class-document'
import { exercisesById } from '../../library/by-id'
import type { Exercise } from '../../library/exercise'
import { waysDone, whenWords } from '../../plan/as-done'
import { everyCircuit } from '../../plan/every-circuit'
import type { Circuit, Piece, Station } from '../../plan/plan'

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

export type FindingRule = (judged: Judged) => Finding[]

export const commonPractice = 'common practice'

export const piecesOf = (document: ClassDocument): Piece[] => document.plan.parts.flatMap((part) => part.pieces)

/** Every circuit, what a wave does meanwhile included. */
export const circuitsOf = (document: ClassDocument): Circuit[] => everyCircuit(document.plan)

/**
 * What `rule` finds of every circuit, in every way that it is done. What is found at one lap or repeat alone says so; it has no fix,
 * which would change all the others.
 */
export function inEveryWay(document: ClassDocument, rule: (circuit: Circuit) => Finding[]): Finding[] {
  return circuitsOf(document).flatMap((planned) => {
    const ways = waysDone(document.plan, planned).map((way) => ({ when: whenWords(way), findings: rule(way.circuit) }))
    const always = new Set(ways.flatMap(({ when, findings }) => (when === '' ? findings.map(({ what }) => what) : [])))
    return ways.flatMap(({ when, findings }) =>
      when === ''
        ? findings
        : findings.flatMap(({ fix: _, ...finding }) =>
            always.has(finding.what) || finding.severity === 'fine'
              ? []
              : [{ ...finding, id: `${finding.id}-${when.replace(' ', '')}`, what: `${finding.what}, ${when}` }],
          ),
    )
  })
}

/** The exercise at a position of a station, if the hall knows it. */
export function exerciseOf(library: HallLibrary, station: Station, position = 0): Exercise | undefined {
  const use = station.uses[position]
  return use && exercisesById(library.exercises).get(use.exerciseId)
}
