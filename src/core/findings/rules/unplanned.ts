import { pieceName } from '../../summary/names'
import { formatSeconds } from '../../base/units'
import { circuitsOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** A fixed window that its circuit does not fill. */
export function unplanned({ document, computed }: Judged): Finding[] {
  if (!computed.timeline.ok) return []
  const { phases } = computed.timeline.value
  return circuitsOf(document).flatMap((circuit) => {
    const empty = phases.filter((phase) => phase.kind === 'unplanned' && phase.pieceId === circuit.id)
    if (empty.length === 0 || circuit.withinSeconds === undefined) return []
    const seconds = empty[0]!.seconds
    const within = circuit.withinSeconds - seconds
    return [
      {
        id: `unplanned-${circuit.id}`,
        severity: 'weigh' as const,
        what: `${pieceName(circuit)}: ${formatSeconds(seconds)} of ${empty.length > 1 ? 'each window' : 'its window'} is unplanned`,
        why: 'Nobody is told what to do in it.',
        pieceId: circuit.id,
        fix: {
          label: `Make the window ${formatSeconds(within)}`,
          apply: (now: typeof document) => withPiece(now, circuit, { withinSeconds: within }),
        },
      },
    ]
  })
}
