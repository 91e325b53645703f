import { body, flatFoot, type Degrees, type Hundredths } from './body'
import type { Figure, Limb, Pose } from './figure'
import { bothOf } from './pairs'

/** Across, up, and out of the picture. */
export interface Point {
  x: Hundredths
  y: Hundredths
  z: Hundredths
}

export interface PlacedArm {
  shoulder: Point
  elbow: Point
  hand: Point
}

export interface PlacedLeg {
  hip: Point
  knee: Point
  ankle: Point
  toes: Point
}

/** Where everything is; of arms and legs the near one first. */
export interface PlacedBody {
  hip: Point
  neck: Point
  head: Point
  arms: readonly [PlacedArm, PlacedArm]
  legs: readonly [PlacedLeg, PlacedLeg]
}

type View = Figure['view']

const radians = (degrees: Degrees) => (degrees * Math.PI) / 180

/** The end of a bone. `side` is -1 for what is mirrored: left in front view. */
function along(from: Point, length: Hundredths, way: Degrees, out: Degrees = 0, side: 1 | -1 = 1): Point {
  const flat = length * Math.cos(radians(out))
  return {
    x: from.x + side * flat * Math.sin(radians(way)),
    y: from.y - flat * Math.cos(radians(way)),
    z: from.z + length * Math.sin(radians(out)),
  }
}

/** The middle joint of a limb from `from` to `to`; a limb that is too short points there. `turns`: 1 as knees bend, -1 as elbows. */
function jointBetween(from: Point, to: Point, upper: Hundredths, lower: Hundredths, turns: 1 | -1, bend: Degrees): Point {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const apart = Math.max(Math.hypot(dx, dy), 1e-6)
  const [ux, uy] = [dx / apart, dy / apart]
  const near = Math.min(Math.max((upper ** 2 - lower ** 2 + apart ** 2) / (2 * apart), -upper), upper)
  const off = apart >= upper + lower ? 0 : Math.sqrt(Math.max(0, upper ** 2 - near ** 2))
  const inPlane = off * Math.cos(radians(bend)) * turns
  const at = apart >= upper + lower ? upper : near
  return { x: from.x + at * ux - inPlane * uy, y: from.y + at * uy + inPlane * ux, z: from.z + off * Math.sin(radians(bend)) }
}

/** The end of the lower bone on its way to `to`: there, where it is within reach. */
function endTowards(joint: Point, to: Point, length: Hundredths): Point {
  const [dx, dy, dz] = [to.x - joint.x, to.y - joint.y, to.z - joint.z]
  const far = Math.hypot(dx, dy, dz) || 1
  return { x: joint.x + (dx * length) / far, y: joint.y + (dy * length) / far, z: joint.z + (dz * length) / far }
}

/** In front view joints bend towards who looks on, where nothing else is said. */
export const usualBend = (view: View): Degrees => (view === 'front' ? 90 : 0)

/** How a foot stands where nothing else is said. */
export const usualFoot = (view: View): Degrees => (view === 'front' ? 70 : flatFoot)

function placeArm(limb: Limb, shoulder: Point, view: View, side: 1 | -1): PlacedArm {
  if ('turn' in limb) {
    const elbow = along(shoulder, body.upperArm, limb.turn[0], limb.out?.[0], side)
    return { shoulder, elbow, hand: along(elbow, body.forearm, limb.turn[1], limb.out?.[1], side) }
  }
  const to = { x: limb.at[0], y: limb.at[1], z: shoulder.z }
  const turns = view === 'front' ? side : -1
  const elbow = jointBetween(shoulder, to, body.upperArm, body.forearm, turns, limb.bend ?? usualBend(view))
  return { shoulder, elbow, hand: endTowards(elbow, to, body.forearm) }
}

/** In front view feet point at who looks on, and a little outward. */
const footOut = (view: View): Degrees => (view === 'front' ? 65 : 0)

function placeLeg(limb: Limb, foot: Degrees, hip: Point, view: View, side: 1 | -1): PlacedLeg {
  const out = footOut(view)
  if ('turn' in limb) {
    const knee = along(hip, body.thigh, limb.turn[0], limb.out?.[0], side)
    const ankle = along(knee, body.shank, limb.turn[1], limb.out?.[1], side)
    return { hip, knee, ankle, toes: along(ankle, body.foot, foot, out, side) }
  }
  const toes = { x: limb.at[0], y: limb.at[1], z: hip.z }
  const ankle = { ...along(toes, -body.foot, foot, out, side), z: hip.z }
  const turns = view === 'front' ? side : 1
  const knee = jointBetween(hip, ankle, body.thigh, body.shank, turns, limb.bend ?? usualBend(view))
  const reached = endTowards(knee, ankle, body.shank)
  return { hip, knee, ankle: reached, toes: along(reached, body.foot, foot, out, side) }
}

/** A pose as points: the hips where they are said to be, everything else by its angles, or where it reaches. */
export function place(pose: Pose, view: View): PlacedBody {
  const hip = { x: pose.hip[0], y: pose.hip[1], z: 0 }
  const up = 180 - pose.trunk
  const neck = along(hip, body.trunk, up, pose.bow)
  const head = along(neck, body.neck, up - (pose.head ?? 0), pose.bow)
  const wide = view === 'front' ? 1 : 0
  const beside = (middle: Point, half: Hundredths, side: 1 | -1): Point => ({
    x: middle.x + wide * side * half * Math.cos(radians(pose.trunk)),
    y: middle.y - wide * side * half * Math.sin(radians(pose.trunk)),
    z: middle.z,
  })
  // In side view both sides turn alike; in front view they mirror each other.
  const sideOf = (index: number): 1 | -1 => (view === 'front' && index === 1 ? -1 : 1)
  const feet = bothOf(pose.feet ?? [usualFoot(view)])
  const arms = bothOf(pose.arms).map((limb, index) =>
    placeArm(limb, beside(neck, body.shoulderHalf, index === 0 ? 1 : -1), view, sideOf(index)),
  )
  const legs = bothOf(pose.legs).map((limb, index) =>
    placeLeg(limb, feet[index]!, beside(hip, body.hipHalf, index === 0 ? 1 : -1), view, sideOf(index)),
  )
  return { hip, neck, head, arms: [arms[0]!, arms[1]!], legs: [legs[0]!, legs[1]!] }
}
