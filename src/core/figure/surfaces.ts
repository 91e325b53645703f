import type { Hundredths } from './body'
import type { Scenery, Surface } from './figure'

/** The tops of what can be stood, sat or leaned on, over the floor. */
export const tops = {
  bench: 24,
  chair: 24,
  halfBall: 11,
  trampoline: 12,
  treadmill: 6,
  rower: 16,
  weights: 9,
  mat: 0,
} as const satisfies Record<string, Hundredths>

/** The half of a ball's height. */
export const ballRadius: Hundredths = 17

export const barHeight: Hundredths = 132

/** Widths where none is said. */
export const widths: Partial<Record<Scenery['kind'], Hundredths>> = {
  mat: 100,
  bench: 36,
  chair: 24,
  halfBall: 36,
  trampoline: 60,
  treadmill: 92,
  rower: 110,
}

/** How far a point is from a surface, to its outside; `undefined` where there is none such. */
export function awayFrom(on: Surface, point: { x: Hundredths; y: Hundredths }, scenery: readonly Scenery[] = []): Hundredths | undefined {
  if (on === 'floor') return point.y
  const found = scenery.filter(({ kind }) => kind === on)
  if (found.length === 0) return undefined
  return Math.min(
    ...found.map((thing) => {
      if (on === 'wall') return Math.abs(point.x - thing.x)
      if (on === 'bar') return Math.abs(point.y - (thing.y ?? barHeight))
      if (on === 'ball') return Math.hypot(point.x - thing.x, point.y - (thing.y ?? ballRadius)) - ballRadius
      const beside = Math.max(0, Math.abs(point.x - thing.x) - (thing.wide ?? widths[thing.kind] ?? 0) / 2)
      return Math.hypot(beside, point.y - (tops[on] + (thing.y ?? 0)))
    }),
  )
}
