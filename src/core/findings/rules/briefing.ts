import { formatSeconds, type Seconds } from '../../units'
import { commonPractice, piecesOf, withPiece, type Finding, type Judged } from '../finding'

/** Seconds to explain one exercise with its options (common practice): the least, what is usual, the most. */
export const briefSecondsEach = { least: 17, usual: 24, most: 32 } as const

/** A brief or swap pause in which the exercises of the next rotation cannot be shown. */
export function briefing({ document }: Judged): Finding[] {
  const pieces = piecesOf(document)
  return pieces.flatMap((piece, index) => {
    if (piece.type !== 'pause' || (piece.kind !== 'brief' && piece.kind !== 'swap')) return []
    const next = pieces.slice(index + 1).find((each) => each.type === 'circuit' && each.travel === 'rotate')
    const count = next?.type === 'circuit' ? next.stations.reduce((sum, station) => sum + station.uses.length, 0) : 0
    const least: Seconds = count * briefSecondsEach.least
    if (piece.seconds >= least) return []
    const usual = Math.ceil((count * briefSecondsEach.usual) / 5) * 5
    return [
      {
        id: `briefing-${piece.id}`,
        severity: 'mend',
        what: `${count} exercises take ${formatSeconds(least)} to ${formatSeconds(count * briefSecondsEach.most)} to explain; the ${piece.kind} is ${formatSeconds(piece.seconds)}`,
        why: `${briefSecondsEach.least} to ${briefSecondsEach.most} s each, with set-up, form and options.`,
        source: commonPractice,
        pieceId: piece.id,
        fix: { label: `Make it ${formatSeconds(usual)}`, apply: (now) => withPiece(now, piece, { seconds: usual }) },
      },
    ]
  })
}
