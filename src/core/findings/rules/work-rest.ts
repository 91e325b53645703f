import { ratioWords, workAndRest } from '../../plan/work-rest'
import { pieceName } from '../../summary/names'
import { inEveryWay, commonPractice, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Work to rest that half of those who come, being new, do not keep up: more than this many to one. */
const hardForNewcomers = 1.5
/** Beyond this even the trained ease off. */
const hardForAll = 5

/** Work to rest that is hard for those who come. Beginners rest as long as they work; the trained shorten the rest, not the work. */
export function workRest({ document, computed }: Judged): Finding[] {
  const { people } = computed
  const newcomers = people.filter((person) => person.level === 'newcomer').length
  const mostlyNew = people.length > 0 && newcomers / people.length >= 0.5
  return inEveryWay(document, (circuit): Finding[] => {
    const { stay } = circuit
    if (stay.kind !== 'intervals' || stay.workSeconds.length > 1 || circuit.stations.length < 3) return []
    const { work, rest } = workAndRest(circuit, stay)
    const most = mostlyNew ? hardForNewcomers : hardForAll
    // No rest at all is a finding of its own where people move; together it is a warm-up or a flow.
    if (rest === 0 || work / rest <= most) return []
    const then = Math.ceil(stay.workSeconds[0]! / (mostlyNew ? 1 : 3) / 5) * 5
    return [
      {
        id: `workRest-${circuit.id}`,
        severity: 'weigh' as const,
        what: `${pieceName(circuit)}: ${ratioWords(work, rest)} is hard${mostlyNew ? ' for this class' : ''}`,
        why: mostlyNew
          ? `${newcomers} of ${people.length} are new. Rest as long as the work, or shorten the work.`
          : 'Form goes first. A third of the work to rest is usual in quick classes.',
        source: commonPractice,
        pieceId: circuit.id,
        fix: {
          label: `Give ${then} s between`,
          apply: (now: typeof document) => withPiece(now, circuit, { transition: { ...circuit.transition, seconds: then } }),
        },
      },
    ]
  })
}
