import type { RunSnapshot } from './snapshot'

/** Where somebody is in a turn of a circuit, from 0; absent where they have no station. */
export function stationIn({ circuits, groups, been }: RunSnapshot, pieceId: string, turn: number, personId: string): number | undefined {
  const before = been?.[personId]?.[`${pieceId}/${turn}`]
  if (before !== undefined) return before < 0 ? undefined : before
  const circuit = circuits[pieceId]
  const unit = (circuit?.units ?? groups).findIndex((ids) => ids.includes(personId))
  const station = circuit?.turns?.[turn]?.findIndex((here) => here.includes(unit))
  return station === undefined || station < 0 ? undefined : station
}
