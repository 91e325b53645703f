import type { RunSnapshot } from './snapshot'
import { turnsAt } from './turns-at'

/** The key by which it is kept where somebody was in a turn. */
export const beenKey = (pieceId: string, { repeat, turn }: { repeat: number; turn: number }): string => `${pieceId}/${turn}/${repeat}`

/** Where somebody is in a turn of a circuit, from 0; absent where they have no station. */
export function stationIn(
  { circuits, groups, been }: RunSnapshot,
  pieceId: string,
  at: { repeat: number; turn?: number | undefined },
  personId: string,
): number | undefined {
  const turn = at.turn ?? 0
  // Runs of before kept it without the repeat.
  const before = been?.[personId]?.[beenKey(pieceId, { ...at, turn })] ?? been?.[personId]?.[`${pieceId}/${turn}`]
  if (before !== undefined) return before < 0 ? undefined : before
  const circuit = circuits[pieceId]
  const unit = (circuit?.units ?? groups).findIndex((ids) => ids.includes(personId))
  const station = circuit && turnsAt(circuit, at.repeat)?.[turn]?.findIndex((here) => here.includes(unit))
  return station === undefined || station < 0 ? undefined : station
}
