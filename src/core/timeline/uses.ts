import { everyCircuit } from '../plan/every-circuit'
import type { Circuit, Plan, Station, Use } from '../plan/plan'
import { circuitAtLap, piecesAtRepeat } from '../plan/vary'
import type { Phase } from './phase'

/** A station at work, with what is done there: the one exercise of the interval, or all items of a self-paced list. */
export interface StationAtWork {
  station: Station
  index: number
  uses: Use[]
}

/** The circuits of a plan by id, those that a wave does meanwhile included. */
export const circuitsById = (plan: Plan): Map<string, Circuit> => new Map(everyCircuit(plan).map((circuit) => [circuit.id, circuit]))

/** Answers for any phase of the plan's timeline which stations are at work, with what varies by repeat and lap applied. */
export function stationsAtWork(plan: Plan): (phase: Phase) => StationAtWork[] {
  const circuits = circuitsById(plan)
  const found = new Map<string, Circuit>()
  const circuitAt = (phase: Phase): Circuit | undefined => {
    const key = `${phase.pieceId}/${phase.repeat}/${phase.lap ?? 0}`
    if (found.has(key)) return found.get(key)
    const part = plan.parts.find((part) => part.id === phase.partId)
    const varied = part && piecesAtRepeat(part, phase.repeat).find((piece) => piece.id === phase.pieceId)
    const base = varied?.type === 'circuit' ? varied : circuits.get(phase.pieceId)
    const circuit = base && circuitAtLap(base, phase.lap ?? 0)
    if (circuit) found.set(key, circuit)
    return circuit
  }
  return (phase) => {
    const circuit = phase.kind === 'work' ? circuitAt(phase) : undefined
    if (!circuit) return []
    const stations = circuit.stations.map((station, index) => ({ station, index }))
    const here = phase.station === undefined ? stations : stations.slice(phase.station, phase.station + 1)
    return here.map(({ station, index }) => ({
      station,
      index,
      uses: phase.selfPaced ? station.uses : station.uses.slice(phase.position ?? 0, (phase.position ?? 0) + 1),
    }))
  }
}
