import { noGoOf, type Room } from '../library/room'
import { floorAt, type StationFloor } from './footprints'
import { inside, middleOf, overlap, type Point } from './geometry'
import { roomRect, walkerOf } from './walk'

/** What is wrong with where stations (from 0) stand. */
export type FloorTrouble =
  | { kind: 'outside'; station: number }
  | { kind: 'overlap'; station: number; other: number }
  | { kind: 'blocked'; station: number; by: 'exit' | 'keepFree' | 'door' | 'pillar' | 'wall' }
  | { kind: 'cutOff'; station: number }
  | { kind: 'noExit'; station: number }

/** Everything that is wrong with the spots of stations in a room: outside it, on each other, on what is kept free, or not to be reached. */
export function floorTroubles(room: Room, floors: readonly StationFloor[], spots: readonly Point[]): FloorTrouble[] {
  const whole = roomRect(room)
  const walker = walkerOf(room)
  const placed = floors
    .filter((floor) => spots[floor.index])
    .map((floor) => ({ floor, spot: spots[floor.index]!, rect: floorAt(spots[floor.index]!, floor) }))
  const exits = (room.features ?? []).filter((feature) => feature.kind === 'exit').map(middleOf)
  const first = placed[0]
  return placed.flatMap(({ floor: { index: station }, spot, rect }, at): FloorTrouble[] => [
    ...(inside(rect, whole) ? [] : [{ kind: 'outside' as const, station }]),
    ...placed
      .slice(at + 1)
      .flatMap((other) => (overlap(rect, other.rect) ? [{ kind: 'overlap' as const, station, other: other.floor.index }] : [])),
    ...noGoOf(room).flatMap((feature) =>
      overlap(rect, feature) ? [{ kind: 'blocked' as const, station, by: feature.kind as 'exit' }] : [],
    ),
    ...(at > 0 && walker.metres(first!.spot, spot) === undefined ? [{ kind: 'cutOff' as const, station }] : []),
    ...(exits.length > 0 && exits.every((exit) => walker.metres(spot, exit) === undefined) ? [{ kind: 'noExit' as const, station }] : []),
  ])
}
