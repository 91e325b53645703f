import { body, thick, type Hundredths } from './body'
import { framesOf } from './frames'
import type { Figure, Pose } from './figure'
import { shownPose } from './pairs'
import { heldShapes, sceneShapes } from './gear-shapes'
import { place, type PlacedArm, type PlacedBody, type PlacedLeg, type Point } from './place'
import { circle, line, type Shape } from './shape'

/** Which limbs are drawn lighter, as they are behind the body: none in front view. */
const isBehind = (view: Figure['view'], side: number) => view === 'side' && side === 1

const armLine = ({ shoulder, elbow, hand }: PlacedArm) => line(shoulder, elbow, hand)
const legLine = ({ hip, knee, ankle, toes }: PlacedLeg) => line(hip, knee, ankle, toes)

/** From shoulder to shoulder and hip to hip; in side view both are one line. */
function trunkLine({ neck, hip, arms, legs }: PlacedBody): string {
  return line(arms[0].shoulder, arms[1].shoulder, legs[1].hip, legs[0].hip, arms[0].shoulder) + line(neck, hip)
}

/** The body, from what is behind to what is before. `breath`: how much fuller the chest is, in hundredths. */
function bodyShapes(placed: PlacedBody, view: Figure['view'], breath = 0): Shape[] {
  const limb = 2 * thick.limb
  const [near, far] = [0, 1] as const
  const behind = isBehind(view, far)
  const trunk: Shape[] = [
    { d: trunkLine(placed), look: 'ink', width: 2 * (thick.trunk + breath) },
    { d: circle(placed.head, body.head), look: 'fill' },
  ]
  const farLimbs: Shape[] = [
    { d: legLine(placed.legs[far]), look: behind ? 'far' : 'ink', width: limb },
    { d: armLine(placed.arms[far]), look: behind ? 'far' : 'ink', width: limb },
  ]
  const nearArm = armLine(placed.arms[near])
  return behind
    ? [
        ...farLimbs,
        { d: legLine(placed.legs[near]), look: 'ink', width: limb },
        ...trunk,
        { d: nearArm, look: 'halo', width: limb + 1.8 },
        { d: nearArm, look: 'ink', width: limb },
      ]
    : [
        ...trunk,
        ...farLimbs.slice(0, 1),
        { d: legLine(placed.legs[near]), look: 'ink', width: limb },
        ...[armLine(placed.arms[far]), nearArm].flatMap((arm): Shape[] => [
          { d: arm, look: 'halo', width: limb + 1.8 },
          { d: arm, look: 'ink', width: limb },
        ]),
      ]
}

/** The start, as one pale shape. */
function ghostShapes(placed: PlacedBody): Shape[] {
  const limb = 2 * thick.limb
  return [
    { d: placed.arms.map(armLine).join('') + placed.legs.map(legLine).join(''), look: 'ghost', width: limb },
    { d: trunkLine(placed), look: 'ghost', width: 2 * thick.trunk },
    { d: circle(placed.head, body.head), look: 'ghostFill' },
  ]
}

/** What a pose looks like, with what is held and what stands about. */
export function poseShapes(figure: Figure, pose: Pose, breath = 0): Shape[] {
  const placed = place(pose, figure.view)
  const held = heldShapes(figure, placed)
  return [
    ...sceneShapes(figure, placed),
    ...held.filter(({ behind }) => behind),
    ...bodyShapes(placed, figure.view, breath),
    ...held.filter(({ behind }) => !behind),
  ]
}

/** A figure that stands still: the pose it shows in ink over its start, and the way of what moves. */
export function stillShapes(figure: Figure): Shape[] {
  const start = figure.poses[0]!
  const shown = figure.poses[shownPose(figure)]!
  const ink = poseShapes(figure, shown)
  if (start === shown) return ink
  const scene = sceneShapes(figure, place(shown, figure.view)).length
  const arrow = arrowShape(figure)
  return [...ink.slice(0, scene), ...ghostShapes(place(start, figure.view)), ...ink.slice(scene), ...(arrow ? [arrow] : [])]
}

const middleOf = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, z: 0 })

/** What moves the most says where it goes: the arm or leg on the side that does. */
function mainPoint(main: NonNullable<Figure['main']>, from: PlacedBody, to: PlacedBody): [Point, Point] {
  const further = (point: (placed: PlacedBody, side: 0 | 1) => Point): [Point, Point] => {
    const moved = ([0, 1] as const).map((side) =>
      Math.hypot(point(to, side).x - point(from, side).x, point(to, side).y - point(from, side).y),
    )
    const side = moved[0]! >= moved[1]! ? 0 : 1
    return [point(from, side), point(to, side)]
  }
  if (main === 'hand') return further(({ arms }, side) => arms[side].hand)
  if (main === 'foot') return further(({ legs }, side) => legs[side].ankle)
  if (main === 'knee') return further(({ legs }, side) => legs[side].knee)
  if (main === 'head') return [from.head, to.head]
  return [from.hip, to.hip]
}

/** Nearly upright or level is drawn so: it reads at a glance. */
function squared(x: number, y: number): [x: number, y: number] {
  if (Math.abs(x) < 0.62) return [0, Math.sign(y)]
  return Math.abs(y) < 0.42 ? [Math.sign(x), 0] : [x, y]
}

const shortest: Hundredths = 6
const longest: Hundredths = 26

/** An arrow beside what moves, on the side away from the body. */
function arrowShape(figure: Figure): Shape | undefined {
  if (figure.main === 'none') return undefined
  const [from, to] = [place(figure.poses[0]!, figure.view), place(figure.poses[shownPose(figure)]!, figure.view)]
  const [start, end] = mainPoint(figure.main ?? 'hip', from, to)
  const [dx, dy] = [end.x - start.x, end.y - start.y]
  const moved = Math.hypot(dx, dy)
  if (moved < 3) return undefined
  const [ux, uy] = squared(dx / moved, dy / moved)
  const half = Math.min(Math.max(moved, shortest), longest) / 2
  const middle = middleOf(start, end)
  const bodies = [...[from, to].flatMap(pointsOf), ...bandPoints(figure, to)]
  const away = clearOf(bodies, (far) =>
    [-half, 0, half].map((along) => ({ x: middle.x + ux * along - uy * far, y: middle.y + uy * along + ux * far })),
  )
  const at = (along: number, across: number): Point => ({
    x: middle.x + ux * along - uy * (away + across),
    y: middle.y + uy * along + ux * (away + across),
    z: 0,
  })
  const head = 3.4
  return {
    d: line(at(-half, 0), at(half, 0)) + line(at(half - head, head), at(half, 0), at(half - head, -head)),
    look: 'arrow',
    width: 1.5,
  }
}

const halves = (...points: readonly Point[]) =>
  points.flatMap((point, index) => (index === 0 ? [point] : [middleOf(points[index - 1]!, point), point]))

/** The joints of a body, and the middles of its bones. */
const pointsOf = ({ head, hip, neck, arms, legs }: PlacedBody): Point[] => [
  ...halves(head, neck, hip),
  ...arms.flatMap(({ shoulder, elbow, hand }) => halves(shoulder, elbow, hand)),
  ...legs.flatMap(({ hip: joint, knee, ankle, toes }) => halves(joint, knee, ankle, toes)),
]

/** Along what goes from the hands to somewhere else. */
const bandPoints = ({ held = [] }: Figure, { arms }: PlacedBody): Point[] =>
  held.flatMap(({ to }) => {
    const [from] = arms
    return to
      ? [0.2, 0.4, 0.6, 0.8].map((share) => ({
          x: from.hand.x + (to[0] - from.hand.x) * share,
          y: from.hand.y + (to[1] - from.hand.y) * share,
          z: 0,
        }))
      : []
  })

/** What an arrow keeps from what is drawn. */
const clear: Hundredths = 8

/** The least way aside, to one side or the other, on which a line of points is clear of a body and of the floor. */
function clearOf(body: readonly Point[], lineAt: (aside: Hundredths) => readonly { x: number; y: number }[]): Hundredths {
  const asides = [8, 12, 16, 20, 24, 28, 32, 38, 44].flatMap((aside) => [-aside, aside])
  const clearance = (aside: Hundredths) => {
    let least = Infinity
    for (const { x, y } of lineAt(aside)) {
      least = Math.min(least, y + 4)
      for (const point of body) least = Math.min(least, Math.hypot(point.x - x, point.y - y))
    }
    return least
  }
  return (
    asides.find((aside) => clearance(aside) >= clear) ?? asides.reduce((best, aside) => (clearance(aside) > clearance(best) ? aside : best))
  )
}

/** What a picture has to hold: all of the movement, with its gear and its arrow, in hundredths; y goes up. */
export interface Extent {
  left: Hundredths
  right: Hundredths
  top: Hundredths
  bottom: Hundredths
}

/** Boxes of what a shape is made of, from what it is drawn with. */
function boxesOf({ d, width = 0 }: Shape): Extent[] {
  const half = width / 2
  // A circle begins at its left.
  const radius = Number(/a([\d.]+)/.exec(d)?.[1] ?? 0)
  return [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => ({
    left: Number(x) - half,
    right: Number(x) + half + 2 * radius,
    top: -Number(y) + half + radius,
    bottom: -Number(y) - half - radius,
  }))
}

const boxAround = ({ x, y }: Point, half: Hundredths): Extent => ({ left: x - half, right: x + half, top: y + half, bottom: y - half })

const around = (boxes: readonly Extent[]): Extent => ({
  left: Math.min(...boxes.map(({ left }) => left)),
  right: Math.max(...boxes.map(({ right }) => right)),
  top: Math.max(...boxes.map(({ top }) => top)),
  bottom: Math.min(-2, ...boxes.map(({ bottom }) => bottom)),
})

/** Room for what hangs from a hand. */
const heldRoom: Hundredths = 9

/** A body, with what it holds, as it passes. */
const passing = (figure: Figure, pose: Pose): Extent[] => {
  const { head, hip, arms, legs } = place(pose, figure.view)
  const hand = figure.held ? heldRoom : thick.limb
  return [
    boxAround(head, body.head),
    boxAround(hip, thick.trunk),
    ...arms.flatMap((arm) => [boxAround(arm.elbow, thick.limb), boxAround(arm.hand, hand)]),
    ...legs.flatMap((leg) => [boxAround(leg.knee, thick.limb), boxAround(leg.toes, thick.limb)]),
  ]
}

/** A figure as it is drawn where it stands still, and the room that all of its movement takes, so that nothing jumps about. */
export interface Picture {
  shapes: readonly Shape[]
  extent: Extent
}

/** Drawn once: a figure is never changed in place. */
const pictures = new WeakMap<Figure, Picture>()

/** The picture of a figure. */
export function pictureOf(figure: Figure): Picture {
  const known = pictures.get(figure)
  if (known) return known
  const shapes = stillShapes(figure)
  const extent = around([...shapes.flatMap(boxesOf), ...framesOf(figure, 2).flatMap((pose) => passing(figure, pose))])
  const made = { shapes, extent }
  pictures.set(figure, made)
  return made
}
