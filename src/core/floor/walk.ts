import { obstaclesOf, type Room } from '../library/room'
import type { Metres } from '../base/units'
import { crosses, distance, inside, widened, type Point, type Rect } from './geometry'

/** Half of a person's width: how far from an obstacle's corner one walks. */
const berth: Metres = 0.3

/** Finds ways through a room: made once for its obstacles, then asked for any two points. */
export interface Walker {
  /** Metres of the shortest way, or `undefined` where there is none. */
  metres: (from: Point, to: Point) => Metres | undefined
  /** Its corners, both ends included. */
  way: (from: Point, to: Point) => Point[] | undefined
}

/**
 * Shortest ways round obstacles: over the corners that one can see from one another (visibility graph; Lozano-Pérez & Wesley
 * 1979), by Dijkstra 1959. A point that lies in an obstacle's berth may leave it.
 */
export function walkerIn(room: Rect, obstacles: readonly Rect[]): Walker {
  const walls = obstacles.map((obstacle) => widened(obstacle, berth))
  const corners = walls
    .flatMap(({ x, y, lengthMetres, widthMetres }) => [
      { x, y },
      { x: x + lengthMetres, y },
      { x, y: y + widthMetres },
      { x: x + lengthMetres, y: y + widthMetres },
    ])
    .filter((corner) => inside({ ...corner, lengthMetres: 0, widthMetres: 0 }, room) && !walls.some((wall) => within(corner, wall)))
  const sees = (from: Point, to: Point) =>
    !walls.some((wall) => !within(from, wall) && !within(to, wall) && crosses(from, to, wall)) &&
    !obstacles.some((obstacle) => crosses(from, to, obstacle))
  const between = corners.map((one) => corners.map((other) => (sees(one, other) ? distance(one, other) : Infinity)))
  const way = (from: Point, to: Point): Point[] | undefined => {
    if (sees(from, to)) return [from, to]
    const first = corners.map((corner) => (sees(from, corner) ? distance(from, corner) : Infinity))
    const last = corners.map((corner) => (sees(corner, to) ? distance(corner, to) : Infinity))
    const through = shortest(first, between, last)
    return through && [from, ...through.map((corner) => corners[corner]!), to]
  }
  return {
    way,
    metres: (from, to) => way(from, to)?.reduce((sum, point, index, all) => sum + (index > 0 ? distance(all[index - 1]!, point) : 0), 0),
  }
}

/** Indices of the corners on the shortest way, given how far each is from the start, from each other and from the end. */
function shortest(first: readonly Metres[], between: readonly Metres[][], last: readonly Metres[]): number[] | undefined {
  const reached = [...first]
  const before = first.map(() => -1)
  const open = new Set(first.keys())
  while (open.size > 0) {
    const here = [...open].reduce((nearest, corner) => (reached[corner]! < reached[nearest]! ? corner : nearest))
    open.delete(here)
    if (reached[here] === Infinity) break
    for (const next of open) {
      const far = reached[here]! + between[here]![next]!
      if (far < reached[next]!) {
        reached[next] = far
        before[next] = here
      }
    }
  }
  const whole = (corner: number) => (corner < 0 ? Infinity : reached[corner]! + last[corner]!)
  const end = first.reduce((best, _, corner) => (whole(corner) < whole(best) ? corner : best), -1)
  if (end < 0) return undefined
  const through: number[] = []
  for (let corner = end; corner >= 0; corner = before[corner]!) through.unshift(corner)
  return through
}

export const roomRect = (room: Pick<Room, 'lengthMetres' | 'widthMetres'>): Rect => ({
  x: 0,
  y: 0,
  lengthMetres: room.lengthMetres,
  widthMetres: room.widthMetres,
})

const walkers = new WeakMap<Room, Walker>()

/** Ways through a room of the hall; made once for each room as it is. */
export function walkerOf(room: Room): Walker {
  let walker = walkers.get(room)
  if (!walker) walkers.set(room, (walker = walkerIn(roomRect(room), obstaclesOf(room))))
  return walker
}

const within = (point: Point, { x, y, lengthMetres, widthMetres }: Rect) =>
  point.x > x + 1e-9 && point.x < x + lengthMetres - 1e-9 && point.y > y + 1e-9 && point.y < y + widthMetres - 1e-9
