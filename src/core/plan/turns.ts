import type { Circuit, PlanFields } from './schema'

type Turning = Pick<Circuit, 'travel' | 'stations' | 'laps' | 'turns'>

/** Stays in one lap: the stations, a station of span 2 twice when people rotate. */
export function turnsPerLap({ travel, stations }: Pick<Circuit, 'travel' | 'stations'>): number {
  return travel === 'together' ? stations.length : stations.reduce((places, station) => places + station.span, 0)
}

/** Stays in the whole circuit. */
export const turnsOf = (circuit: Turning): number => circuit.turns ?? (circuit.laps ?? 1) * turnsPerLap(circuit)

/** Times the whole circuit is gone through: by each wave once. */
export const wavesOf = (circuit: Pick<Circuit, 'waves'>): 1 | 2 => (circuit.waves ? 2 : 1)

/** Laps begun in the whole circuit. */
export const lapsOf = (circuit: Turning): number => Math.ceil(turnsOf(circuit) / turnsPerLap(circuit))

/** The circuits in which people rotate, in order. */
export const rotatingCircuits = (plan: PlanFields): Circuit[] =>
  plan.parts.flatMap((part) => part.pieces.filter((piece): piece is Circuit => piece.type === 'circuit' && piece.travel === 'rotate'))
