import { formOf } from '../../library/form'
import { swapsFor, withSwaps } from '../../suggest/ladder'
import { pieceName } from '../../summary/names'
import { inEveryWay, commonPractice, exerciseOf, type Finding } from './finding'
import { type Judged } from '../../class/fix'

/** More jumps in a circuit than those who come take well: a third of the stations, or any two where many are new or go easy on jumps. */
export function manyJumps({ document, computed, library }: Judged): Finding[] {
  const { people } = computed
  const careful = people.filter((person) => person.level === 'newcomer' || person.goEasy.includes('jumps')).length
  const tender = people.length > 0 && careful / people.length >= 0.4
  return inEveryWay(document, (circuit): Finding[] => {
    const jumping = circuit.stations.filter((station) => {
      const exercise = exerciseOf(library, station)
      return exercise && formOf(exercise, station.uses[0]?.optionId).impact === 'high'
    })
    const most = tender ? 1 : Math.max(2, Math.floor(circuit.stations.length / 3))
    if (jumping.length <= most) return []
    const uses = new Set(jumping.slice(most).flatMap((station) => station.uses.map((use) => use.id)))
    return [
      {
        id: `manyJumps-${circuit.id}`,
        severity: 'weigh' as const,
        what: `${pieceName(circuit)}: ${jumping.length} of ${circuit.stations.length} stations jump`,
        why: tender
          ? `${careful} of ${people.length} are new or go easy on jumps.`
          : 'Knees and ankles take every landing. Keep a foot down at some of them.',
        source: commonPractice,
        pieceId: circuit.id,
        fix: {
          label: `Keep a foot down at ${jumping.length - most} of them`,
          apply: (now: typeof document) => ({
            ...now,
            plan: withSwaps(
              now.plan,
              swapsFor(now.plan, library, 'jumps').filter((swap) => uses.has(swap.useId)),
            ),
          }),
        },
      },
    ]
  })
}
