import type { CircuitView } from './snapshot'

/** Who is at which station, turn by turn, at a repeat of the circuit's part; nothing where people do not go round. */
export const turnsAt = (circuit: CircuitView, repeat: number): number[][][] | undefined => circuit.turnsBefore?.[repeat] ?? circuit.turns

/** The units at a station (from 0) in a turn. */
export const unitsAt = (
  circuit: CircuitView,
  { repeat, turn = 0 }: { repeat: number; turn?: number | undefined },
  station: number,
): number[] => turnsAt(circuit, repeat)?.[turn]?.[station] ?? []
