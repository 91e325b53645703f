import type { Degrees } from './body'
import type { Point } from './place'

const degrees = (radians: number): Degrees => (radians * 180) / Math.PI

/** The way of a bone from one joint to the next, and how far it leaves the plane. `side`: -1 for what is mirrored. */
export function wayOf(from: Point, to: Point, side: 1 | -1 = 1): [way: Degrees, out: Degrees] {
  const [dx, dy, dz] = [side * (to.x - from.x), to.y - from.y, to.z - from.z]
  return [degrees(Math.atan2(dx, -dy)), degrees(Math.atan2(dz, Math.hypot(dx, dy)))]
}

/** The same way, by whole turns nearest to another. */
export const nearest = (way: Degrees, to: Degrees): Degrees => way - 360 * Math.round((way - to) / 360)
