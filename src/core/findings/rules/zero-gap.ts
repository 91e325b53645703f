import { pieceName } from '../../summary/names'
import { inEveryWay, commonPractice, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

const leastSeconds = 10

/** People rotate and have no time to do so: the way to the next station comes out of the work. */
export function zeroGap({ document }: Judged): Finding[] {
  return inEveryWay(document, (circuit): Finding[] => {
    const { stay, transition, stations } = circuit
    if (circuit.travel !== 'rotate' || stations.length < 2 || stay.kind !== 'intervals') return []
    if (Math.max(transition.seconds, stay.gapSeconds, stay.setRestSeconds) > 0) return []
    const work = stay.workSeconds.reduce((sum, seconds) => sum + seconds, 0) * stay.sets
    return [
      {
        id: `zeroGap-${circuit.id}`,
        severity: 'mend',
        what: `${pieceName(circuit)}: no time to move`,
        why: `Walking on takes about ${leastSeconds} s, so of ${work} s of work about ${Math.max(0, work - leastSeconds)} s are left.`,
        source: commonPractice,
        pieceId: circuit.id,
        fix: {
          label: `Give ${leastSeconds} s to move`,
          apply: (now) => withPiece(now, circuit, { transition: { ...transition, seconds: leastSeconds } }),
        },
      },
    ]
  })
}
