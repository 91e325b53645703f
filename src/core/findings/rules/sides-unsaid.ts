import { formOf } from '../../library/form'
import type { Circuit, Use } from '../../plan/plan'
import { inEveryWay, commonPractice, exerciseOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Twice the same, and each is for a side: a left and a right, one after the other. */
const timesIn = ({ stations }: Circuit, { exerciseId, optionId }: Use): number =>
  stations.reduce(
    (sum, { uses }) =>
      sum + uses.filter((use) => use.exerciseId === exerciseId && use.optionId === optionId && use.sides === 'none').length,
    0,
  )

/** A one-sided exercise in a timed interval, and nothing says when to change sides. */
export function sidesUnsaid({ document, library }: Judged): Finding[] {
  return inEveryWay(document, (circuit): Finding[] =>
    circuit.stations.flatMap((station, index): Finding[] => {
      if ((station.stay ?? circuit.stay).kind === 'task') return []
      const unsaid = station.uses.filter((use, position) => {
        const exercise = exerciseOf(library, station, position)
        return exercise && use.sides === 'none' && formOf(exercise, use.optionId).oneSided && timesIn(circuit, use) % 2 === 1
      })
      if (unsaid.length === 0) return []
      const ids = new Set(unsaid.map((use) => use.id))
      const exercise = exerciseOf(library, station, station.uses.indexOf(unsaid[0]!))!
      return [
        {
          id: `sidesUnsaid-${station.id}`,
          severity: 'weigh',
          what: `${index + 1}. ${formOf(exercise, unsaid[0]!.optionId).name}: nothing says when to change sides`,
          why: 'It is forgotten until the interval is half over.',
          source: commonPractice,
          pieceId: circuit.id,
          fix: {
            label: 'Change sides at the half',
            apply: (now) => {
              const halved = (use: Circuit['stations'][number]['uses'][number]) =>
                ids.has(use.id) ? { ...use, sides: 'half' as const } : use
              return withPiece(now, circuit, {
                stations: circuit.stations.map((known) => (known.id === station.id ? { ...known, uses: known.uses.map(halved) } : known)),
              })
            },
          },
        },
      ]
    }),
  )
}
