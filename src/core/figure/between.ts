import type { Degrees } from './body'
import type { Figure, Limb, Pose } from './figure'
import { bothOf } from './pairs'
import { place, usualBend, usualFoot, type PlacedArm, type PlacedLeg, type Point } from './place'
import { nearest, wayOf } from './ways'

const mix = (from: number, to: number, share: number) => from + (to - from) * share

/** The middle of what shoulders and hips reach, from behind to overhead, against the trunk: nobody swings an arm the long way round. */
const middleOfReach: Degrees = 60

const mixed = (from: readonly [number, number], to: readonly [number, number], share: number): [number, number] => [
  mix(from[0], to[0], share),
  mix(from[1], to[1], share),
]

const jointsOf = (limb: PlacedArm | PlacedLeg): [Point, Point, Point] =>
  'elbow' in limb ? [limb.shoulder, limb.elbow, limb.hand] : [limb.hip, limb.knee, limb.ankle]

/** A limb by its angles, wherever it reaches. */
function turned(limb: Limb, placed: PlacedArm | PlacedLeg, trunk: Degrees, side: 1 | -1): Extract<Limb, { turn: unknown }> {
  if ('turn' in limb) return limb
  const [a, b, c] = jointsOf(placed)
  const [upper, lower] = [wayOf(a, b, side), wayOf(b, c, side)]
  const way = nearest(upper[0], middleOfReach - side * trunk)
  return { turn: [way, nearest(lower[0], way)], out: [upper[1], lower[1]] }
}

const isTilted = (limb: Limb) => 'turn' in limb && limb.out !== undefined

/** Where a limb reaches for, or its hand or toes are. */
function endOf(limb: Limb, placed: PlacedArm | PlacedLeg): readonly [number, number] {
  if ('at' in limb) return limb.at
  const { x, y } = 'elbow' in placed ? placed.hand : placed.toes
  return [x, y]
}

type Ends = readonly [PlacedArm | PlacedLeg, PlacedArm | PlacedLeg]

/** Between two limbs: what reaches goes on reaching, so that hands and feet stay where they rest; the rest turns by its angles. */
function limbBetween(
  from: Limb,
  to: Limb,
  share: number,
  ends: Ends,
  trunks: readonly [Degrees, Degrees],
  view: Figure['view'],
  side: 1 | -1,
): Limb {
  if ('at' in from && 'at' in to) {
    const bend =
      from.bend === undefined && to.bend === undefined ? {} : { bend: mix(from.bend ?? usualBend(view), to.bend ?? usualBend(view), share) }
    return { at: mixed(from.at, to.at, share), ...bend }
  }
  // A foot that leaves the floor, or comes to it, goes there as it would: by where it is, in the plane of the picture.
  if ('knee' in ends[0] && 'at' in from !== 'at' in to && view === 'side' && !isTilted(from) && !isTilted(to))
    return { at: mixed(endOf(from, ends[0]), endOf(to, ends[1]), share) }
  const [a, b] = [turned(from, ends[0], trunks[0], side), turned(to, ends[1], trunks[1], side)]
  return { turn: mixed(a.turn, b.turn, share), out: mixed(a.out ?? [0, 0], b.out ?? [0, 0], share) }
}

/** The pose a share of the way from one to the other, by angle. Who lies on the back turns about the shoulders, else about the hips. */
export function poseBetween(from: Pose, to: Pose, share: number, { view, stays }: Pick<Figure, 'view' | 'stays'>): Pose {
  if (share <= 0 || from === to) return from
  if (share >= 1) return to
  const [start, end] = [place(from, view), place(to, view)]
  const limbs = (name: 'arms' | 'legs') =>
    [0, 1].map((index) =>
      limbBetween(
        bothOf(from[name])[index]!,
        bothOf(to[name])[index]!,
        share,
        [start[name][index]!, end[name][index]!],
        [from.trunk, to.trunk],
        view,
        view === 'front' && index === 1 ? -1 : 1,
      ),
    ) as [Limb, Limb]
  const flat: [Degrees] = [usualFoot(view)]
  const between: Pose = {
    hip: mixed(from.hip, to.hip, share),
    trunk: mix(from.trunk, to.trunk, share),
    head: mix(from.head ?? 0, to.head ?? 0, share),
    bow: mix(from.bow ?? 0, to.bow ?? 0, share),
    arms: limbs('arms'),
    legs: limbs('legs'),
    feet: mixed(bothOf(from.feet ?? flat), bothOf(to.feet ?? flat), share),
  }
  if (!stays.some(({ part }) => part === 'back')) return between
  const { neck } = place(between, view)
  const [x, y] = mixed([start.neck.x, start.neck.y], [end.neck.x, end.neck.y], share)
  return { ...between, hip: [between.hip[0] + x - neck.x, between.hip[1] + y - neck.y] }
}

/** The other side's turn: near and far change places; in front view, left and right. */
export function swapped(pose: Pose, view: Figure['view']): Pose {
  const across = (limb: Limb): Limb => (view === 'front' && 'at' in limb ? { ...limb, at: [-limb.at[0], limb.at[1]] } : limb)
  const other = <T>(pair: readonly [T] | readonly [T, T]): [T, T] => {
    const [near, far] = bothOf(pair)
    return [far, near]
  }
  const [arms, legs] = [other(pose.arms), other(pose.legs)]
  return {
    ...pose,
    ...(view === 'front' && { hip: [-pose.hip[0], pose.hip[1]], trunk: -pose.trunk, head: -(pose.head ?? 0) }),
    arms: [across(arms[0]), across(arms[1])],
    legs: [across(legs[0]), across(legs[1])],
    ...(pose.feet && { feet: other(pose.feet) }),
  }
}
