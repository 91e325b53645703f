import type { Degrees } from './body'
import { bothOf } from './pairs'
import type { Figure, Limb, Part, Pose, Surface } from './figure'
import { partAt, poseTroubles } from './limits'
import { place, usualFoot, type PlacedBody, type Point } from './place'
import { swapped } from './between'
import { nearest, wayOf } from './ways'

/** What of a body is taken hold of to change a pose: of both sides, near (0) and far (1). */
export type Handle = 'hip' | 'neck' | 'head' | `${'elbow' | 'hand' | 'knee' | 'ankle' | 'toes'}${0 | 1}`

type View = Figure['view']
type Side = 0 | 1
type Flat = Pick<Point, 'x' | 'y'>

const round = (value: number) => Math.round(value * 10) / 10
const sideOf = (handle: Handle): Side => (handle.endsWith('1') ? 1 : 0)
const mirrors = (view: View, side: Side): 1 | -1 => (view === 'front' && side === 1 ? -1 : 1)

/** The way from one point to another in the plane, nearest to what it was. */
const wayTo = (from: Flat, to: Flat, turns: 1 | -1, was: Degrees): Degrees =>
  round(nearest(wayOf({ ...from, z: 0 }, { ...to, z: 0 }, turns)[0], was))

/** Where a handle is. */
export function handleAt(placed: PlacedBody, handle: Handle): Point {
  if (handle === 'hip' || handle === 'neck' || handle === 'head') return placed[handle]
  const [arm, leg] = [placed.arms[sideOf(handle)], placed.legs[sideOf(handle)]]
  if (handle.startsWith('elbow')) return arm.elbow
  if (handle.startsWith('hand')) return arm.hand
  return handle.startsWith('knee') ? leg.knee : handle.startsWith('ankle') ? leg.ankle : leg.toes
}

/** The handles of a pose: of what rests somewhere, elbow and knee follow by themselves. */
export function handlesOf(pose: Pose): Handle[] {
  const sides = [0, 1] as const
  const free = (limb: Limb) => 'turn' in limb
  return [
    'hip',
    'neck',
    'head',
    ...sides.flatMap((side): Handle[] => [...(free(bothOf(pose.arms)[side]) ? [`elbow${side}` as const] : []), `hand${side}`]),
    ...sides.flatMap((side): Handle[] => [
      ...(free(bothOf(pose.legs)[side]) ? [`knee${side}` as const] : []),
      `ankle${side}`,
      `toes${side}`,
    ]),
  ]
}

const withSide = <T>(pair: readonly [T] | readonly [T, T], side: Side, value: T): [T, T] => {
  const [near, far] = bothOf(pair)
  return side === 0 ? [value, far] : [near, value]
}

/** A limb by the ways of its bones, as it is placed. */
function turnedAs(points: readonly [Point, Point, Point], turns: 1 | -1, was: readonly [Degrees, Degrees]): Limb {
  const [a, b, c] = points
  return { turn: [wayTo(a, b, turns, was[0]), wayTo(b, c, turns, was[1])] }
}

const waysOf = (limb: Limb): readonly [Degrees, Degrees] => ('turn' in limb ? limb.turn : [0, 0])

function withArm(pose: Pose, view: View, handle: Handle, to: Flat): Pose {
  const side = sideOf(handle)
  const turns = mirrors(view, side)
  const limb = bothOf(pose.arms)[side]
  const set = (next: Limb): Pose => ({ ...pose, arms: withSide(pose.arms, side, next) })
  if ('at' in limb) return set({ ...limb, at: [round(to.x), round(to.y)] })
  const { shoulder } = place(pose, view).arms[side]
  if (handle.startsWith('elbow')) {
    const upper = wayTo(shoulder, to, turns, limb.turn[0])
    // The forearm turns with it, as it hangs from the elbow.
    return set({ ...limb, turn: [upper, round(limb.turn[1] + upper - limb.turn[0])] })
  }
  const reached = place(set({ at: [to.x, to.y] }), view).arms[side]
  return set(turnedAs([reached.shoulder, reached.elbow, reached.hand], turns, waysOf(limb)))
}

function withLeg(pose: Pose, view: View, handle: Handle, to: Flat): Pose {
  const side = sideOf(handle)
  const turns = mirrors(view, side)
  const limb = bothOf(pose.legs)[side]
  const ways = bothOf(pose.feet ?? [usualFoot(view)])
  const placed = place(pose, view).legs[side]
  const set = (next: Limb, way: Degrees = ways[side]): Pose => ({
    ...pose,
    legs: withSide(pose.legs, side, next),
    feet: withSide(ways, side, way),
  })
  if ('at' in limb)
    return handle.startsWith('ankle')
      ? set(limb, wayTo(to, placed.toes, turns, ways[side]))
      : set({ ...limb, at: [round(to.x), round(to.y)] })
  if (handle.startsWith('toes')) return set(limb, wayTo(placed.ankle, to, turns, ways[side]))
  if (handle.startsWith('knee')) {
    const upper = wayTo(placed.hip, to, turns, limb.turn[0])
    const by = upper - limb.turn[0]
    return set({ ...limb, turn: [upper, round(limb.turn[1] + by)] }, round(ways[side] + by))
  }
  const toes: [number, number] = [to.x + placed.toes.x - placed.ankle.x, to.y + placed.toes.y - placed.ankle.y]
  const reached = place(set({ at: toes }), view).legs[side]
  return set(turnedAs([reached.hip, reached.knee, reached.ankle], turns, waysOf(limb)))
}

function moved(pose: Pose, view: View, handle: Handle, to: Flat): Pose {
  const { hip, neck } = place(pose, view)
  if (handle === 'hip') return { ...pose, hip: [round(to.x), round(to.y)] }
  if (handle === 'neck') return { ...pose, trunk: round(180 - wayTo(hip, to, 1, 180 - pose.trunk)) }
  if (handle === 'head') return { ...pose, head: round(180 - pose.trunk - wayTo(neck, to, 1, 180 - pose.trunk)) }
  return /^(elbow|hand)/.test(handle) ? withArm(pose, view, handle, to) : withLeg(pose, view, handle, to)
}

/** Whether a body can be like this: joints within their limits, nothing under the floor, what rests within reach. */
export const isPossible = (pose: Pose, view: View): boolean => poseTroubles(pose, view).length === 0

/** Halvings by which the furthest possible place on the way to where a handle is dragged is found. */
const halvings = 6

/** The pose with a handle where it is dragged to, or as near to it as a body can come; as it was if no nearer. */
export function dragged(pose: Pose, view: View, handle: Handle, to: Flat): Pose {
  const whole = moved(pose, view, handle, to)
  if (isPossible(whole, view) || !isPossible(pose, view)) return whole
  const from = handleAt(place(pose, view), handle)
  let [best, low, high] = [pose, 0, 1]
  for (let step = 0; step < halvings; step++) {
    const share = (low + high) / 2
    const tried = moved(pose, view, handle, { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share })
    if (isPossible(tried, view)) [best, low] = [tried, share]
    else high = share
  }
  return best
}

/** The figure with one pose changed. */
export const withPose = (figure: Figure, index: number, pose: Pose): Figure => ({
  ...figure,
  poses: figure.poses.map((known, at) => (at === index ? pose : known)),
})

/** A copy of a pose after it, to be changed from there. */
export const withPoseAfter = (figure: Figure, index: number): Figure =>
  figure.poses.length >= 6
    ? figure
    : { ...figure, poses: figure.poses.flatMap((pose, at) => (at === index ? [pose, structuredClone(pose)] : [pose])) }

/** Without a pose; the last one stays. */
export function withoutPose({ shows, ...figure }: Figure, index: number): Figure {
  if (figure.poses.length === 1) return { ...figure, ...(shows !== undefined && { shows }) }
  const poses = figure.poses.filter((_, at) => at !== index)
  return { ...figure, poses, ...(shows !== undefined && shows < poses.length && { shows }) }
}

/** Done with the other side: near and far, or left and right, change places in every pose. */
export const otherSide = (figure: Figure): Figure => {
  const across = (part: Part): Part =>
    part.startsWith('near') ? (part.replace('near', 'far') as Part) : (part.replace('far', 'near') as Part)
  return {
    ...figure,
    poses: figure.poses.map((pose) => swapped(pose, figure.view)),
    stays: figure.stays.map(({ part, on }) => ({ part: across(part), on })),
  }
}

const limbsOf = (part: Part): { name: 'arms' | 'legs'; side: Side } | undefined => {
  const side = part.startsWith('near') ? 0 : 1
  return part.endsWith('Hand') ? { name: 'arms', side } : part.endsWith('Foot') ? { name: 'legs', side } : undefined
}

/**
 * A part that stays where it is through the movement, or does so no longer: a hand or foot that stays reaches for where it is in the
 * first pose.
 */
export function withStay(figure: Figure, part: Part, on: Surface | undefined): Figure {
  const stays = figure.stays.filter((stay) => stay.part !== part)
  if (on === undefined) return { ...figure, stays }
  const limb = limbsOf(part)
  const all = { ...figure, stays: [...stays, { part, on }] }
  if (!limb) return all
  const { x, y } = partAt(place(figure.poses[0]!, figure.view), part)
  return {
    ...all,
    poses: figure.poses.map((pose) => ({ ...pose, [limb.name]: withSide(pose[limb.name], limb.side, { at: [round(x), round(y)] }) })),
  }
}
