import type { Hundredths } from './body'
import type { Figure, Held, Scenery } from './figure'
import { type PlacedBody, type Point } from './place'
import { box, circle, dome, line, type Shape } from './shape'
import { ballRadius, barHeight, tops, widths } from './surfaces'

/** A shape of gear; what is behind the body is drawn before it. */
export type GearShape = Shape & { behind?: boolean }

const middleOf = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, z: 0 })
const shifted = ({ x, y }: Pick<Point, 'x' | 'y'>, dx: Hundredths, dy: Hundredths): Point => ({ x: x + dx, y: y + dy, z: 0 })

/** A bell hangs from the hand by its handle. */
const bell = (hand: Point): GearShape[] => [
  { d: circle(shifted(hand, 0, -1), 2.6), look: 'gearLine', width: 1.6 },
  { d: circle(shifted(hand, 0, -6), 4.6), look: 'gear' },
]

/** A bar across the hand with a weight at either end; seen from its end or its side it is as wide. */
const dumbbell = (hand: Point): GearShape[] => [
  { d: line(shifted(hand, -3, 0), shifted(hand, 3, 0)), look: 'gearLine', width: 2 },
  { d: box(hand.x - 5.4, hand.x - 2.2, hand.y - 3, hand.y + 3), look: 'gear' },
  { d: box(hand.x + 2.2, hand.x + 5.4, hand.y - 3, hand.y + 3), look: 'gear' },
]

/** A rope hangs through between its ends. */
function hanging(from: Point, to: Point, sag: Hundredths): string {
  const low = shifted(middleOf(from, to), 0, -sag)
  return `M${from.x.toFixed(1)} ${(-from.y).toFixed(1)}Q${low.x.toFixed(1)} ${(-low.y).toFixed(1)} ${to.x.toFixed(1)} ${(-to.y).toFixed(1)}`
}

function heldShape({ kind, to }: Held, hand: Point, other: Point, placed: PlacedBody): GearShape[] {
  const end = to && { x: to[0], y: to[1], z: 0 }
  if (kind === 'kettlebell') return bell(hand)
  if (kind === 'dumbbell') return dumbbell(hand)
  if (kind === 'ball') return [{ d: circle(hand, 5.4), look: 'gear' }]
  if (kind === 'rope' && end) return [{ d: hanging(hand, end, 9), look: 'gearLine', width: 2.4 }]
  if (kind === 'skippingRope') {
    const toes = placed.legs[0].toes
    return [{ d: hanging(hand, shifted(toes, 4, -1), 22) + hanging(other, shifted(toes, -14, -1), 14), look: 'gearLine', width: 1.1 }]
  }
  if (kind === 'towel') return [{ d: line(hand, other), look: 'gearLine', width: 2.6 }]
  return [{ d: line(hand, end ?? other), look: 'gearLine', width: kind === 'strap' ? 1.8 : 1.3 }]
}

/** What is held, where the hands are. */
export function heldShapes(figure: Figure, placed: PlacedBody): GearShape[] {
  const [near, far] = [placed.arms[0].hand, placed.arms[1].hand]
  return (figure.held ?? []).flatMap((held): GearShape[] => {
    if (held.in === 'hands') return heldShape(held, held.kind === 'band' || held.kind === 'towel' ? near : middleOf(near, far), far, placed)
    if (held.in === 'near') return heldShape(held, near, far, placed)
    const behind = (shapes: GearShape[]) => shapes.map((shape) => ({ ...shape, behind: figure.view === 'side' }))
    if (held.in === 'far') return behind(heldShape(held, far, near, placed))
    return [...behind(heldShape(held, far, near, placed)), ...heldShape(held, near, far, placed)]
  })
}

const legs = (x: Hundredths, half: Hundredths, top: Hundredths) =>
  line({ x: x - half, y: 0 }, { x: x - half, y: top }) + line({ x: x + half, y: 0 }, { x: x + half, y: top })

type Thing = Scenery & { wide: Hundredths; y: Hundredths }

const ofScenery: Record<Scenery['kind'], (thing: Thing, placed: PlacedBody) => Shape[]> = {
  mat: ({ x, wide }) => [{ d: box(x - wide / 2, x + wide / 2, -1, 1), look: 'mat' }],
  bench: ({ x, wide }) => [{ d: box(x - wide / 2, x + wide / 2, 0.5, tops.bench), look: 'scene' }],
  // Its back is behind who sits on it.
  chair: ({ x, wide }) => [
    {
      d: legs(x, wide / 2 - 1.5, tops.chair) + line({ x: x - wide / 2 + 1.5, y: tops.chair }, { x: x - wide / 2 - 1, y: 54 }),
      look: 'sceneLine',
      width: 2,
    },
    { d: box(x - wide / 2, x + wide / 2, tops.chair - 3, tops.chair), look: 'scene' },
  ],
  wall: ({ x }) => [{ d: box(x, x + 3, 0, 104), look: 'scene' }],
  bar: ({ x, y }) => [
    { d: line({ x: x - 24, y: y || barHeight }, { x: x + 24, y: y || barHeight }), look: 'gearLine', width: 2.6 },
    {
      d:
        line({ x: x - 24, y: y || barHeight }, { x: x - 24, y: (y || barHeight) + 6 }) +
        line({ x: x + 24, y: y || barHeight }, { x: x + 24, y: (y || barHeight) + 6 }),
      look: 'sceneLine',
      width: 2,
    },
  ],
  anchor: ({ x, y }) => [{ d: line({ x, y: y - 8 }, { x, y: y + 8 }), look: 'anchor', width: 3 }],
  ball: ({ x, y }) => [{ d: circle({ x, y: y || ballRadius }, ballRadius), look: 'gear' }],
  halfBall: ({ x, wide }) => [
    { d: dome({ x, y: 1.5 }, wide / 2, tops.halfBall - 1.5), look: 'gear' },
    { d: line({ x: x - wide / 2, y: 1.2 }, { x: x + wide / 2, y: 1.2 }), look: 'gearLine', width: 2.4 },
  ],
  trampoline: ({ x, wide }) => [
    { d: legs(x, wide / 2 - 5, tops.trampoline - 2), look: 'sceneLine', width: 2 },
    { d: line({ x: x - wide / 2, y: tops.trampoline - 1.4 }, { x: x + wide / 2, y: tops.trampoline - 1.4 }), look: 'gearLine', width: 2.8 },
  ],
  treadmill: ({ x, wide }) => [
    { d: box(x - wide / 2, x + wide / 2, 1, tops.treadmill), look: 'scene' },
    {
      d: line({ x: x + wide / 2 - 6, y: tops.treadmill }, { x: x + wide / 2 - 2, y: 62 }, { x: x + wide / 2 - 14, y: 64 }),
      look: 'sceneLine',
      width: 2.2,
    },
  ],
  rower: ({ x, wide }) => [
    {
      d: line({ x: x - wide / 2, y: 11 }, { x: x + wide / 2, y: 11 }) + line({ x: x - wide / 2, y: 11 }, { x: x - wide / 2, y: 0 }),
      look: 'sceneLine',
      width: 2.4,
    },
    { d: line({ x: x + wide / 2 - 18, y: 2 }, { x: x + wide / 2 - 8, y: 20 }), look: 'sceneLine', width: 2.4 },
    { d: circle({ x: x + wide / 2, y: 13 }, 10), look: 'scene' },
  ],
  sliders: (_, { legs: [near, far] }) =>
    [...new Set([near, far])].map(({ toes, ankle }) => ({
      d: line({ x: Math.min(toes.x, ankle.x) - 3, y: 0.2 }, { x: Math.max(toes.x, ankle.x) + 3, y: 0.2 }),
      look: 'gearLine' as const,
      width: 2,
    })),
  cones: ({ x, wide }) =>
    [-1, 1].map((side) => ({
      d: `${line({ x: x + (side * wide) / 2 - 5, y: 0 }, { x: x + (side * wide) / 2, y: 15 }, { x: x + (side * wide) / 2 + 5, y: 0 })}Z`,
      look: 'gear' as const,
    })),
  weights: ({ x, y }) => dumbbell({ x, y: y || 4, z: 0 }),
  // Round both legs, at the knees or where it is said.
  band: ({ y }, { legs: [near, far] }) => {
    const at = ({ knee, ankle }: typeof near): Point => (y > 0 ? middleOf(ankle, ankle) : knee)
    return [{ d: line(at(near), at(far)), look: 'gearLine', width: 2.2 }]
  },
  hurdles: ({ x }) => [{ d: line({ x, y: 0 }, { x, y: 14 }), look: 'gearLine', width: 2 }],
}

/** What stands about, behind the body. */
export function sceneShapes({ scenery = [] }: Figure, placed: PlacedBody): Shape[] {
  return scenery.flatMap((thing) =>
    ofScenery[thing.kind]({ ...thing, wide: thing.wide ?? widths[thing.kind] ?? 40, y: thing.y ?? 0 }, placed),
  )
}
