import { formOf, formsOf } from '../../library/form'
import { circuitsOf, commonPractice, exerciseOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Work that wants more height than the room has: raised arms with a weight, a rope, a jump. */
export function lowCeiling({ document, library, room }: Judged): Finding[] {
  if (!room) return []
  return circuitsOf(document).flatMap((circuit) =>
    circuit.stations.flatMap((station) =>
      station.uses.flatMap((use, position): Finding[] => {
        const exercise = exerciseOf(library, station, position)
        const form = exercise && formOf(exercise, use.optionId)
        if (!exercise || !form || (form.clearMetres ?? 0) <= room.ceilingMetres) return []
        const low = formsOf(exercise).find((each) => each.optionId && (each.clearMetres ?? 0) <= room.ceilingMetres)
        return [
          {
            id: `lowCeiling-${use.id}`,
            severity: 'mend',
            what: `${form.name} under a ceiling of ${room.ceilingMetres.toFixed(1)} m`,
            why: `It wants about ${form.clearMetres!.toFixed(1)} m clear. Measure, and keep to your local rules.`,
            source: commonPractice,
            pieceId: circuit.id,
            ...(low && {
              fix: {
                label: `Do ${low.name.toLowerCase()} instead`,
                apply: (now: typeof document) =>
                  withPiece(now, circuit, {
                    stations: circuit.stations.map((each) =>
                      each.id === station.id
                        ? { ...each, uses: each.uses.map((one) => (one.id === use.id ? { ...one, optionId: low.optionId } : one)) }
                        : each,
                    ),
                  }),
              },
            }),
          },
        ]
      }),
    ),
  )
}
