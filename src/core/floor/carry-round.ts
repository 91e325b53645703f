import type { SetUpPlace } from '../gear/lists/lists'
import type { ClassDocument } from '../class/class-document'
import type { Room } from '../library/room'
import { bestOrder } from '../order/order'
import type { Metres } from '../base/units'
import type { Point } from './geometry'
import { walkerOf } from './walk'

export interface CarryRound {
  /** The places in the order in which one walk from the gear store and back passes them; what has no spot comes last. */
  places: SetUpPlace[]
  metres: Metres
  /** Whether no walk is shorter. */
  proven: boolean
}

/** Where gear is carried from: the middle of the gear store, else of the door. */
function storeOf(room: Room): Point | undefined {
  const from = room.features?.find(({ kind }) => kind === 'store') ?? room.features?.find(({ kind }) => kind === 'door')
  return from && { x: from.x + from.lengthMetres / 2, y: from.y + from.widthMetres / 2 }
}

/**
 * The shortest walk that carries gear to all stations that have a spot. `undefined` where the room has no store or door, or a
 * station cannot be reached.
 */
export function carryRound(places: readonly SetUpPlace[], spots: ClassDocument['spots'], room: Room | undefined): CarryRound | undefined {
  const store = room && storeOf(room)
  const spotOf = ({ station }: SetUpPlace) => (station === undefined ? undefined : spots?.[station - 1])
  const stops = places.filter((place) => place.pieces.length > 0 && spotOf(place))
  if (!room || !store || stops.length === 0) return undefined
  const walker = walkerOf(room)
  const points = [store, ...stops.map((place) => spotOf(place)!)]
  const metres = points.map((from, i) => points.map((to, j) => (i === j ? 0 : (walker.metres(from, to) ?? Infinity))))
  if (metres.flat().includes(Infinity)) return undefined
  // The store keeps the first place: the loop begins and ends there.
  const { order, cost, proven } = bestOrder(metres, new Set([0]))
  const round = order.slice(1).map((stop) => stops[stop - 1]!)
  return { places: [...round, ...places.filter((place) => !stops.includes(place))], metres: cost, proven }
}
