import type { Circuit, Intervals, Piece, Station } from '../plan'

/** A circuit whose numbers are one of each: one position, one set, nothing that varies. */
export type SimpleCircuit = Circuit & { stay: Intervals; laps: number }

/** Whether a piece is nothing but one work, one break, and laps. */
export function isSimple(piece: Piece): piece is SimpleCircuit {
  return (
    piece.type === 'circuit' &&
    piece.laps !== undefined &&
    piece.stay.kind === 'intervals' &&
    piece.stay.workSeconds.length === 1 &&
    piece.stay.sets === 1 &&
    piece.vary.length === 0 &&
    !piece.varyRules &&
    piece.waves === undefined &&
    piece.withinSeconds === undefined &&
    piece.stations.every((station) => station.stay === undefined && station.span === 1 && station.skipLaps.length === 0)
  )
}

/** A station with nothing to do yet. `id` must be new to the plan. */
export const emptyStation = (id: string): Station => ({ id, uses: [], span: 1, rest: false, skipLaps: [] })

/** The stations cut or filled up to `count`, new ones with ids from `newId`. */
export function resizeStations(stations: Station[], count: number, newId: () => string): Station[] {
  const more = Math.max(0, count - stations.length)
  return [...stations.slice(0, count), ...Array.from({ length: more }, () => emptyStation(newId()))]
}
