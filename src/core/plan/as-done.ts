import type { Circuit, Plan, Use } from './plan'
import { everyCircuit } from './every-circuit'
import { lapsOf } from './turns'
import { circuitAtLap, piecesAtRepeat } from './vary'

/** A circuit as it stands at a repeat and lap (from 0). */
export interface AsDone {
  repeat: number
  lap: number
  circuit: Circuit
}

/** The circuit at every repeat and lap at which something of it differs from how it is planned. */
export function differing(plan: Plan, circuit: Circuit): AsDone[] {
  const part = plan.parts.find(({ pieces }) => pieces.some((piece) => piece.id === circuit.id))
  const found: AsDone[] = []
  for (let repeat = 0; repeat < (part?.repeat ?? 1); repeat++) {
    const here = part ? (piecesAtRepeat(part, repeat).find((piece) => piece.id === circuit.id) as Circuit) : circuit
    for (let lap = 0; lap < lapsOf(circuit); lap++) {
      const now = circuitAtLap(here, lap)
      if (now !== circuit) found.push({ repeat, lap, circuit: now })
    }
  }
  return found
}

/** "lap 2", "time 3"; nothing of the first of all. */
export const whenWords = ({ lap, repeat }: Pick<AsDone, 'lap' | 'repeat'>): string =>
  lap > 0 ? `lap ${lap + 1}` : repeat > 0 ? `time ${repeat + 1}` : ''

/** A circuit as planned, where it is ever done so, and then in each other way that it is done, from the first lap or repeat of it. */
export function waysDone(plan: Plan, planned: Circuit): AsDone[] {
  const ways = differing(plan, planned)
  if (ways.length === 0) return [{ repeat: 0, lap: 0, circuit: planned }]
  const part = plan.parts.find(({ pieces }) => pieces.some((piece) => piece.id === planned.id))
  const isEverAsPlanned = ways.length < (part?.repeat ?? 1) * lapsOf(planned)
  const all = [...(isEverAsPlanned ? [{ repeat: 0, lap: 0, circuit: planned }] : []), ...ways]
  const seen = new Set<string>()
  return all.filter(({ circuit }) => {
    const key = JSON.stringify([circuit.stay, circuit.transition, circuit.stations])
    return !seen.has(key) && seen.add(key)
  })
}

/** Something that is done in the class: at which station (from 0) and position, in the first lap that has it so. */
export interface UseAsDone {
  use: Use
  circuit: Circuit
  station: number
  position: number
  repeat: number
  lap: number
}

/**
 * Everything that is done in the class, with what differs by repeat and lap, each once: two laps of one thing are one, two laps
 * with different loads are two. The briefing, the exceptions, and the findings on limits and ceilings read this.
 */
export function usesAsDone(plan: Plan): UseAsDone[] {
  return everyCircuit(plan).flatMap((planned) => {
    const seen = new Set<string>()
    return waysDone(plan, planned).flatMap(({ repeat, lap, circuit }) =>
      circuit.stations.flatMap((station, index) =>
        station.uses.flatMap((use, position): UseAsDone[] => {
          const key = JSON.stringify(use)
          if (seen.has(key)) return []
          seen.add(key)
          return [{ use, circuit, station: index, position, repeat, lap }]
        }),
      ),
    )
  })
}
