import type { Circuit, Task } from '../../plan/plan'
import { pieceName, stationName } from '../../summary/names'
import { roundsWithin } from '../../pace/pace'
import { circuitsOf, type Finding } from './finding'
import { withPiece, type Judged } from '../../class/fix'

/** An aim of rounds that even the quick do not reach in the cap. */
export function aim({ document, computed }: Judged): Finding[] {
  return circuitsOf(document).flatMap((circuit) => {
    const { stay } = circuit
    if (stay.kind !== 'task' || stay.aimRounds === undefined || stay.capSeconds === undefined) return []
    const reach = circuit.stations.map((station) =>
      station.stay || station.uses.length === 0 ? undefined : roundsWithin(stay.capSeconds!, stay, station.uses, computed.paces),
    )
    const least = reach.reduce<{ index: number; high: number; typical: number } | undefined>(
      (worst, rounds, index) => (rounds && (!worst || rounds.high < worst.high) ? { index, ...rounds } : worst),
      undefined,
    )
    if (!least || least.high >= stay.aimRounds) return []
    const rounds = Math.max(1, Math.floor(least.typical))
    return [
      {
        id: `aim-${circuit.id}`,
        severity: 'weigh' as const,
        what: `${circuit.stations.length > 1 ? stationName(circuit, least.index) : pieceName(circuit)}: ${stay.aimRounds} rounds are out of reach`,
        why: `At the paces of this hall the quick get ${least.high.toFixed(1)} rounds, most people ${least.typical.toFixed(1)}.`,
        pieceId: circuit.id,
        fix: {
          label: `Aim at ${rounds} ${rounds === 1 ? 'round' : 'rounds'}`,
          apply: (now: typeof document) => withPiece<Circuit>(now, circuit, { stay: { ...stay, aimRounds: rounds } satisfies Task }),
        },
      },
    ]
  })
}
