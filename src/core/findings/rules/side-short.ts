import { lapsOf, turnsPerLap } from '../../plan/turns'
import { circuitsOf, exerciseOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** Sides shared out by lap, and an odd number of laps: one side is left short. */
export function sideShort({ document, library }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit) => {
    const laps = lapsOf(circuit)
    const isCutOff = circuit.turns !== undefined && circuit.turns % turnsPerLap(circuit) !== 0
    return circuit.stations.flatMap((station, index) => {
      if (!station.uses.some((use) => use.sides === 'byLap')) return []
      const done = Array.from({ length: laps }, (_, lap) => lap).filter((lap) => !station.skipLaps.includes(lap))
      const firsts = done.filter((lap) => lap % 2 === 0).length
      if (!isCutOff && firsts * 2 === done.length) return []
      const name = exerciseOf(library, station)?.name ?? `Station ${index + 1}`
      const halves = station.uses.map((use) => (use.sides === 'byLap' ? { ...use, sides: 'half' as const } : use))
      return [
        {
          id: `sideShort-${station.id}`,
          severity: 'mend' as const,
          what: `${name}: one side is left short`,
          why: isCutOff
            ? `A side a lap, and the last lap ends after ${circuit.turns! % turnsPerLap(circuit)} of ${turnsPerLap(circuit)} turns.`
            : `A side a lap: ${firsts} for the first, ${done.length - firsts} for the second.`,
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
