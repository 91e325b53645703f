import { settingsOf } from '../../class/compute'
import { exercisesIn } from '../../brief/explained'
import { briefSeconds, wayOf } from '../../brief/ways'
import { formatSeconds } from '../../base/units'
import { commonPractice, piecesOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** A brief or swap pause in which the exercises of the next rotation cannot be shown, or only if all goes well. */
export function briefing({ document, library }: Judged): Finding[] {
  const figures = settingsOf(library)
  // What is spoken over the warm-up is not spoken in the pause.
  if (wayOf(document.plan, figures) === 'overWarmUp' || wayOf(document.plan, figures) === 'eachBefore') return []
  const pieces = piecesOf(document)
  return pieces.flatMap((piece, index) => {
    if (piece.type !== 'pause' || (piece.kind !== 'brief' && piece.kind !== 'swap')) return []
    const next = pieces.slice(index + 1).find((piece) => piece.type === 'circuit' && piece.travel === 'rotate')
    const count = next?.type === 'circuit' ? exercisesIn(document.plan, next) : 0
    const { least, usual: mean, most } = briefSeconds(count, figures)
    if (piece.seconds >= most) return []
    // Where the usual pace fits, only the slow run over.
    const isFine = piece.seconds >= mean
    const enough = Math.ceil((isFine ? most : mean) / 5) * 5
    return [
      {
        id: `briefing-${piece.id}`,
        severity: isFine ? 'weigh' : 'mend',
        what: `${count} exercises take ${formatSeconds(least)} to ${formatSeconds(most)} to explain; the ${piece.kind} is ${formatSeconds(piece.seconds)}`,
        why: `${figures.briefSeconds.least} to ${figures.briefSeconds.most} s each at this hall, with set-up, form and options.`,
        source: commonPractice,
        pieceId: piece.id,
        fix: { label: `Make it ${formatSeconds(enough)}`, apply: (now) => withPiece(now, piece, { seconds: enough }) },
      },
    ]
  })
}
