import { body, flatFoot, rest } from '../../../src/core/figure/body'
import type { Figure, Held, Limb, Part, Pose, Scenery, Surface } from '../../../src/core/figure/figure'

/** A leg with the way of its foot. */
export interface Leg {
  limb: Limb
  foot: number
}

export type Arms = Pose['arms']
type At = readonly [x: number, y: number]

const round = (value: number) => Math.round(value * 10) / 10
const point = ([x, y]: At): [number, number] => [round(x), round(y)]
const radians = (degrees: number) => (degrees * Math.PI) / 180
/** From a point so far in a direction over the floor: 0 is ahead, 90 up. */
export const from = ([x, y]: At, length: number, rise: number): At => [
  x + length * Math.cos(radians(rise)),
  y + length * Math.sin(radians(rise)),
]

// Arms: the ways of upper arm and forearm, the near one first.
export const turn = (upper: number, fore: number, out?: [number, number]): Limb => ({ turn: [upper, fore], ...(out && { out }) })
export const reach = (x: number, y: number, bend?: number): Limb => ({ at: point([x, y]), ...(bend !== undefined && { bend }) })
/** Both hands there. */
export const at = (x: number, y: number, bend?: number): Arms => [reach(x, y, bend)]
export const both = (upper: number, fore: number, out?: [number, number]): Arms => [turn(upper, fore, out)]

export const arms = {
  hang: both(2, 8),
  front: both(88, 90),
  up: both(176, 178),
  back: both(-30, -25),
  hips: both(-38, 52),
  /** Both hands on one weight before the chest. */
  goblet: both(18, 128),
  /** A weight in each hand at the shoulders. */
  rack: both(28, 168),
  elbows: both(-48, 58),
  ribs: both(8, 92),
  run: [turn(-48, 30), turn(32, 118)] as Arms,
  runOther: [turn(32, 118), turn(-48, 30)] as Arms,
  crossed: both(30, 150),
} satisfies Record<string, Arms>

// Legs: a flat foot under its ankle, toes somewhere, or a leg that is free.
export const flat = (ankle: number, y = 0): Leg => ({ limb: reach(ankle + 10.5, rest + y), foot: flatFoot })
export const toes = (x: number, way = 8, y = rest): Leg => ({ limb: reach(x, y), foot: way })
export const free = (thigh: number, shank: number, foot = shank + 82): Leg => ({ limb: turn(thigh, shank), foot })

export function pose(hip: At, trunk: number, armPair: Arms, near: Leg, far: Leg = near, head?: number): Pose {
  return {
    hip: point(hip),
    trunk,
    ...(head !== undefined && { head }),
    arms: armPair,
    legs: [near.limb, far.limb],
    feet: [near.foot, far.foot],
  }
}

const tall = 52.6

/** Upright on both feet. `up`: off the floor, or on something. */
export const stand = (
  armPair: Arms = arms.hang,
  { x = 0, up = 0, trunk = 0, head }: { x?: number; up?: number; trunk?: number; head?: number } = {},
): Pose => pose([x, tall + up], trunk, armPair, flat(x - 1, up), undefined, head)

/** On the toes. */
export const tiptoe = (armPair: Arms = arms.hang): Pose => pose([2, tall + 6], 0, armPair, { limb: reach(9.5, rest), foot: 38 })

/** In the air. */
export const jump = (armPair: Arms = arms.up, up = 10): Pose => pose([0, tall + up + 4], 0, armPair, free(2, -4, 26))

/** Down by a share of a full squat. */
export const squat = (deep = 1, armPair: Arms = arms.front, { up = 0, trunk }: { up?: number; trunk?: number } = {}): Pose =>
  pose([-15 * deep, tall + up - 26 * deep], trunk ?? 36 * deep, armPair, flat(-1, up))

/** Hips back, back long. */
export const hinge = (deep = 1, armPair: Arms = both(0, 2)): Pose =>
  pose([-13 * deep, tall - 5.5 * deep], 70 * deep, armPair, flat(-1), undefined, -12 * deep)

/** One foot forward and one back; the near foot is in front. */
export const lunge = (deep = 1, armPair: Arms = arms.ribs, { trunk = 3, stride = 0 }: { trunk?: number; stride?: number } = {}): Pose =>
  pose([-2 + stride / 2, 44.5 - 16 * deep], trunk, armPair, flat(19 + stride), toes(-29, 8 - 2 * deep))

/** On the near foot; the far leg as said. */
export const onOne = (far: Leg, armPair: Arms = arms.hang, trunk = 0): Pose => pose([0, tall], trunk, armPair, flat(-1), far)
/** On the far foot; the near leg as said, so that it is seen. */
export const onFar = (near: Leg, armPair: Arms = arms.hang, trunk = 0, hip: At = [0, tall]): Pose =>
  pose(hip, trunk, armPair, near, flat(-1))

const kneeHeight = 3
const legLength = body.thigh + body.shank - 0.4

interface OnToes {
  toe?: number
  trunk?: number
  head?: number
  near?: Leg
  far?: Leg
  y?: number
  feet?: number
  bend?: number
}

/** On hands (or forearms) and toes, the legs rising by `rise` degrees from the ankles. */
export function onToes(
  rise: number,
  armPair: Arms,
  { toe = 0, trunk, head = -8, near, far, y = 0, feet = 4, bend = 0.4 }: OnToes = {},
): Pose {
  const foot = toes(toe, feet, rest + y)
  const ankle: At = [toe - body.foot * Math.sin(radians(feet)), rest + y + body.foot * Math.cos(radians(feet))]
  const hip = from(ankle, legLength - bend, rise)
  return pose(hip, trunk ?? 90 - rise, armPair, near ?? foot, far ?? near ?? foot, head)
}

/** The shoulders of a pose in side view. */
const shoulderOf = ({ hip, trunk }: Pose): At => from(hip, body.trunk, 90 - trunk)

const plankRise = 19.6
/** Where the hands are in a long plank whose toes are at 0. */
export const plankHands = round(shoulderOf(onToes(plankRise, arms.hang))[0])
const plankArms = (x = plankHands, y: number = rest): Arms => [reach(x, y)]
export const plank = (more: OnToes & { arms?: Arms } = {}): Pose => onToes(plankRise, more.arms ?? plankArms(), more)
export const pushUpLow = (more: OnToes & { arms?: Arms } = {}): Pose => onToes(5, more.arms ?? plankArms(), { head: -14, ...more })

/** Where a joint is between two points, on the upper side. */
function upperJoint(a: At, b: At, one: number, other: number): At {
  const apart = Math.min(Math.hypot(b[0] - a[0], b[1] - a[1]), one + other)
  const along = (one ** 2 - other ** 2 + apart ** 2) / (2 * apart)
  const off = Math.sqrt(Math.max(0, one ** 2 - along ** 2))
  const [ux, uy] = [(b[0] - a[0]) / apart, (b[1] - a[1]) / apart]
  return [a[0] + along * ux - off * uy, a[1] + along * uy + off * ux]
}
const leanFrom = (hip: At, shoulder: At) => (Math.atan2(shoulder[0] - hip[0], shoulder[1] - hip[1]) * 180) / Math.PI
/** On elbows that stay at `elbow`, the upper arms tilted by `tilt`, the toes at 0 with feet that way. */
export function onElbows(elbow: number, tilt: number, footWay: number): Pose {
  const shoulder = from([elbow, rest], body.upperArm, 90 - tilt)
  const ankle: At = [-body.foot * Math.sin(radians(footWay)), rest + body.foot * Math.cos(radians(footWay))]
  const hip = upperJoint(ankle, shoulder, legLength - 0.4, body.trunk)
  return pose(hip, leanFrom(hip, shoulder), both(-tilt, 88), toes(0, footWay), undefined, -10)
}
/** The same on the knees. */
export function onElbowsAndKnees(elbow: number, tilt: number): Pose {
  const shoulder = from([elbow, rest], body.upperArm, 90 - tilt)
  const hip = upperJoint([0, kneeHeight], shoulder, body.thigh, body.trunk)
  const thigh = (Math.atan2(-hip[0], hip[1] - kneeHeight) * 180) / Math.PI
  return pose(hip, leanFrom(hip, shoulder), both(-tilt, 88), free(thigh, -93, -78), undefined, -8)
}

const forearmRise = 6.2
export const forearmArms: Arms = both(0, 88)
export const forearmPlank = (more: OnToes & { arms?: Arms } = {}): Pose =>
  onToes(forearmRise, more.arms ?? forearmArms, { head: -10, ...more })

/** On hands and knees in one line from the knees; shanks on the floor. */
export function onKnees(
  rise: number,
  armPair: Arms,
  { trunk, knee = 0, head = -8 }: { trunk?: number; knee?: number; head?: number } = {},
): Pose {
  const hip = from([knee, kneeHeight], body.thigh, rise)
  return pose(hip, trunk ?? 90 - rise, armPair, free(rise - 90, -93, -78), undefined, head)
}
const kneePlankRise = 42
export const kneePlankHands = round(shoulderOf(onKnees(kneePlankRise, arms.hang))[0])
export const kneePlank = (armPair: Arms = [reach(kneePlankHands, rest)]): Pose => onKnees(kneePlankRise, armPair)
export const kneePushUpLow = (armPair: Arms = [reach(kneePlankHands, rest)]): Pose => onKnees(20, armPair, { head: -14 })

/** On all fours, the back nearly level. */
const foursTrunk = 67
const foursHip: At = [0, kneeHeight + body.thigh]
export const foursHands = round(from(foursHip, body.trunk, 90 - foursTrunk)[0])
export const kneeling: Leg = free(0, -93, -78)
export const fours = (
  armPair: Arms = [reach(foursHands, rest)],
  near: Leg = kneeling,
  far: Leg = kneeling,
  { trunk = foursTrunk, head = -14, hip = foursHip }: { trunk?: number; head?: number; hip?: At } = {},
): Pose => pose(hip, trunk, armPair, near, far, head)
/** Upright on both knees. */
export const kneelTall = (armPair: Arms = arms.hang, trunk = 0): Pose => pose([0, kneeHeight + body.thigh], trunk, armPair, kneeling)
/** The far knee down, the near foot in front. */
export const halfKneel = (
  armPair: Arms = arms.ribs,
  { trunk = 0, hip = [0, 27.5] as At, front = 23 }: { trunk?: number; hip?: At; front?: number } = {},
): Pose => pose(hip, trunk, armPair, flat(front), free(-4, -93, -78))

/** On the back; the knees bent unless legs are said. */
export const supine = (
  armPair: Arms = both(88, 90),
  near: Leg = flat(22),
  far: Leg = near,
  { trunk = -90, hip = [0, 4.4] as At, head = 10 }: { trunk?: number; hip?: At; head?: number } = {},
): Pose => pose(hip, trunk, armPair, near, far, head)
/** Shoulders on the floor, hips lifted by `high` hundredths. */
export function bridge(high: number, armPair: Arms = both(90, 90), near: Leg = flat(22), far: Leg = near): Pose {
  const down = (Math.asin(high / body.trunk) * 180) / Math.PI
  const hip: At = [-body.trunk + body.trunk * Math.cos(radians(down)), 4.4 + high]
  return pose(hip, -90 - down, armPair, near, far, 10 + down * 0.85)
}
/** On the front, arms and legs long. */
export const prone = (armPair: Arms = both(90, 90), near: Leg = free(-90, -90, -76), far: Leg = near, trunk = 88, head = -12): Pose =>
  pose([0, 4.4], trunk, armPair, near, far, head)

/** Sitting on the floor, leaning back. */
export const sitFloor = (trunk: number, armPair: Arms, near: Leg = flat(30), far: Leg = near): Pose =>
  pose([0, 4.6], trunk, armPair, near, far)
/** Sitting on a chair. */
export const sit = (
  armPair: Arms = both(12, 70),
  { trunk = 0, near = flat(23), far = near, head }: { trunk?: number; near?: Leg; far?: Leg; head?: number } = {},
): Pose => pose([0, 27.6], trunk, armPair, near, far, head)
export const chair: Scenery = { kind: 'chair', x: -1 }
export const mat = (x: number, wide = 104): Scenery => ({ kind: 'mat', x, wide })

/** Leaning as one straight line from the ankles, by so many degrees. */
export const leaning = (by: number, armPair: Arms, { head = 0 }: { head?: number } = {}): Pose =>
  pose(
    [-1 + (legLength - 0.3) * Math.sin(radians(by)), 3.9 + (legLength - 0.3) * Math.cos(radians(by))],
    by,
    armPair,
    flat(-1),
    undefined,
    head,
  )

// In front view; ways are outward, and what is on the right of the picture comes first.
export const wide = (ankle: number, y = 0): Limb => reach(ankle + 4.2, rest + y)
export const sides = (right: number, left: number, y = 0): [Limb, Limb] => [wide(right, y), { at: [round(-left - 4.2), round(rest + y)] }]
export interface Front {
  hip?: At
  trunk?: number
  head?: number
  legs?: Pose['legs']
  feet?: Pose['feet']
}
export const front = (
  armPair: Arms,
  feet: number | [right: number, left: number] = 6,
  { hip, trunk = 0, head, legs, feet: ways }: Front = {},
): Pose => {
  const [right, left] = typeof feet === 'number' ? [feet, feet] : feet
  const spread = Math.max(right, left) - body.hipHalf
  return {
    hip: point(hip ?? [0, 3.6 + Math.sqrt(48.8 ** 2 - spread ** 2)]),
    trunk,
    ...(head !== undefined && { head }),
    arms: armPair,
    legs: legs ?? sides(right, left),
    ...(ways && { feet: ways }),
  }
}
export const frontArms = {
  sides: both(8, 6),
  low: both(32, 30),
  out: both(90, 90),
  up: both(165, 172),
  v: both(140, 142),
  hips: both(44, -46),
  chest: both(24, -128, [20, 35]),
  goal: both(90, 178),
  rack: both(34, 160),
  forward: both(20, 14, [66, 70]),
  behindHead: both(118, -132),
} satisfies Record<string, Arms>
/** Both hands on one thing in front view, elbows out. */
export const joined = (x: number, y: number, bend = 40): Arms => [reach(x + 1.5, y, bend), reach(x - 1.5, y, bend)]
/** A leg of front view that is free. */
export const freeFront = (thigh: number, shank: number, out: [number, number] = [0, 0]): Limb => turn(thigh, shank, out)

// Figures.
type Stay = readonly [Part, Surface]
const every = (part: 'Foot' | 'Hand' | 'Knee' | 'Elbow', on: Surface): Stay[] => [
  [`near${part}`, on],
  [`far${part}`, on],
]
export const feet: Stay[] = every('Foot', 'floor')
export const hands: Stay[] = every('Hand', 'floor')
export const handsAndFeet: Stay[] = [...hands, ...feet]
export const knees: Stay[] = every('Knee', 'floor')
export const elbows: Stay[] = every('Elbow', 'floor')
export const back: Stay[] = [['back', 'floor']]
export const seat: Stay[] = [['seat', 'chair']]
export const seatAndFeet: Stay[] = [...seat, ...feet]
export const on = (part: Part, surface: Surface): Stay => [part, surface]
export const pairOn = every

type More = Omit<Partial<Figure>, 'view' | 'poses' | 'stays'>

const figureOf = (view: Figure['view'], stays: readonly Stay[], poses: Pose[], more: More): Figure => ({
  view,
  poses,
  stays: stays.map(([part, surface]) => ({ part, on: surface })),
  ...more,
})
export const side = (stays: readonly Stay[], poses: Pose[], more: More = {}): Figure => figureOf('side', stays, poses, more)
export const facing = (stays: readonly Stay[], poses: Pose[], more: More = {}): Figure => figureOf('front', stays, poses, more)

/** The same movement with something else about it. */
export const but = (figure: Figure, more: Partial<Figure>): Figure => ({ ...figure, ...more })
/** The same movement with other arms throughout. */
export const withArms = (figure: Figure, armPairs: Arms | Arms[], more: Partial<Figure> = {}): Figure => ({
  ...figure,
  poses: figure.poses.map((each, index) => ({
    ...each,
    arms: (isList(armPairs) ? (armPairs[index] ?? armPairs.at(-1)!) : armPairs) as Arms,
  })),
  ...more,
})
const isList = (armPairs: Arms | Arms[]): armPairs is Arms[] => Array.isArray(armPairs[0])

export const bell: Held[] = [{ kind: 'kettlebell', in: 'hands' }]
export const bells: Held[] = [{ kind: 'dumbbell', in: 'each' }]
export const ball: Held[] = [{ kind: 'ball', in: 'hands' }]
