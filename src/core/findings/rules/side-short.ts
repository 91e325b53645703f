import { lapsOf } from '../../plan/turns'
import { circuitsOf, exerciseOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Sides shared out by lap, and an odd number of laps: one side is left short. */
export function sideShort({ document, library }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit) => {
    const laps = lapsOf(circuit)
    if (laps % 2 === 0) return []
    return circuit.stations.flatMap((station, index) => {
      if (!station.uses.some((use) => use.sides === 'byLap')) return []
      const name = exerciseOf(library, station)?.name ?? `Station ${index + 1}`
      const halves = station.uses.map((use) => (use.sides === 'byLap' ? { ...use, sides: 'half' as const } : use))
      return [
        {
          id: `sideShort-${station.id}`,
          severity: 'mend' as const,
          what: `${name}: one side is left short`,
          why: `A side a lap, and ${laps} ${laps === 1 ? 'lap' : 'laps'}.`,
          pieceId: circuit.id,
          fix: {
            label: 'Change sides at the half instead',
            apply: (now: typeof document) =>
              withPiece(now, circuit, {
                stations: circuit.stations.map((known) => (known.id === station.id ? { ...known, uses: halves } : known)),
              }),
          },
        },
      ]
    })
  })
}
