import type { Metres } from '../../units'
import { circuitsOf, commonPractice, exerciseOf, withPiece, type Finding, type Judged } from '../finding'

/** A tall person's reach with something in the hand. */
const clearMetres: Metres = 2.7

/** Overhead work under a ceiling that a raised weight may touch. */
export function lowCeiling({ document, library, room }: Judged): Finding[] {
  if (!room || room.ceilingMetres >= clearMetres) return []
  return circuitsOf(document).flatMap((circuit) =>
    circuit.stations.flatMap((station) => {
      const use = station.uses[0]
      const exercise = exerciseOf(library, station)
      const option = exercise?.options.find((each) => each.id === use?.optionId)
      if (!use || !exercise || !(option ?? exercise).asks.includes('overhead')) return []
      const low = exercise.options.find((each) => !each.asks.includes('overhead'))
      return [
        {
          id: `lowCeiling-${station.id}`,
          severity: 'mend' as const,
          what: `${(option ?? exercise).name} under a ceiling of ${room.ceilingMetres.toFixed(1)} m`,
          why: `Raised arms with a weight want about ${clearMetres} m. Measure, and keep to your local rules.`,
          source: commonPractice,
          pieceId: circuit.id,
          ...(low && {
            fix: {
              label: `Do ${low.name.toLowerCase()} instead`,
              apply: (now: typeof document) =>
                withPiece(now, circuit, { stations: circuit.stations.map((each) => (each.id === station.id ? { ...each, uses: each.uses.map((one) => (one.id === use.id ? { ...one, optionId: low.id } : one)) } : each)) }),
            },
          }),
        },
      ]
    }),
  )
}
