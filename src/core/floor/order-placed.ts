import { walkerOf } from './walk'
import type { ClassDocument } from '../class/class-document'
import type { Room } from '../library/room'
import type { Circuit } from '../plan/plan'
import { rotatingCircuits } from '../plan/turns'

/**
 * Whether the stations of a circuit stand where they stand, and another order is another way round them: when every one has a
 * spot, and no other circuit is laid out on the same spots.
 */
export const keepsPlaces = (document: Pick<ClassDocument, 'plan' | 'spots'>, circuit: Circuit): boolean =>
  rotatingCircuits(document.plan).length === 1 && (document.spots?.length ?? 0) >= circuit.stations.length

/**
 * Metres on foot between every two stations of a circuit that keeps its places; a way that is cut off counts as the length of the
 * whole room and back.
 */
export function metresBetween(
  document: Pick<ClassDocument, 'plan' | 'spots'>,
  circuit: Circuit,
  room: Room | undefined,
): number[][] | undefined {
  if (!room || !keepsPlaces(document, circuit)) return undefined
  const walker = walkerOf(room)
  const spots = document.spots!.slice(0, circuit.stations.length)
  return spots.map((from, i) =>
    spots.map((to, j) => (i === j ? 0 : (walker.metres(from, to) ?? 2 * (room.lengthMetres + room.widthMetres)))),
  )
}

/** The class with the circuit's stations in another order; where they keep their places, their spots go with them. */
export function withStationOrder(document: ClassDocument, circuit: Circuit, order: readonly number[]): ClassDocument {
  const stations = order.map((station) => circuit.stations[station]!)
  const parts = document.plan.parts.map((part) => ({
    ...part,
    pieces: part.pieces.map((piece) => (piece.id === circuit.id ? { ...circuit, stations } : piece)),
  }))
  const spots = keepsPlaces(document, circuit)
    ? [...order.map((station) => document.spots![station]!), ...document.spots!.slice(order.length)]
    : document.spots
  return { ...document, plan: { ...document.plan, parts }, ...(spots && { spots }) }
}
