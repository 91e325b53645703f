import { thick, type Degrees, type Hundredths } from './body'
import { framesOf } from './frames'
import type { Figure, Part, Pose } from './figure'
import { bothOf } from './pairs'
import { place, usualFoot, type PlacedBody, type Point } from './place'
import { awayFrom, tops, widths } from './surfaces'

/** How far joints bend, in degrees: what most adults reach, with some room for drawing. Negative is the wrong way. */
export const jointLimits = {
  elbow: [-5, 158],
  knee: [-5, 160],
  // The trunk is one line from hips to neck: that a back rounds counts as the hips bending.
  hip: [-45, 180],
  shoulder: [-85, 205],
  ankle: [0, 134],
  neck: [-60, 70],
} as const satisfies Record<string, readonly [Degrees, Degrees]>

/** Where the middle of something that touches may be over what it touches. */
const mostAway: Hundredths = 5.2

const degrees = (value: number) => (value * 180) / Math.PI

/** Within half a turn of the middle of its limits. */
function within(value: Degrees, [low, high]: readonly [Degrees, Degrees]): Degrees {
  const middle = (low + high) / 2
  return value - 360 * Math.round((value - middle) / 360)
}

interface Bend {
  way: Degrees
  out: Degrees
}

function bendOf(from: Point, to: Point): Bend {
  const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.z - from.z]
  return { way: degrees(Math.atan2(dx, -dy)), out: degrees(Math.atan2(dz, Math.hypot(dx, dy))) }
}

/** The joints of a pose in side view, by how far they bend; those that leave the plane of the picture are not judged. */
export function jointsOf(pose: Pose, view: Figure['view']): { joint: keyof typeof jointLimits; side: 0 | 1; bent: Degrees }[] {
  if (view === 'front') return []
  const body = place(pose, view)
  const feet = bothOf(pose.feet ?? [usualFoot(view)])
  const flat = (...bends: Bend[]) => bends.every(({ out }) => Math.abs(out) < 20)
  return ([0, 1] as const).flatMap((side) => {
    const [arm, leg] = [body.arms[side], body.legs[side]]
    const [upperArm, forearm] = [bendOf(arm.shoulder, arm.elbow), bendOf(arm.elbow, arm.hand)]
    const [thigh, shank] = [bendOf(leg.hip, leg.knee), bendOf(leg.knee, leg.ankle)]
    const found: [keyof typeof jointLimits, Degrees, boolean][] = [
      ['elbow', forearm.way - upperArm.way, flat(upperArm, forearm)],
      ['shoulder', upperArm.way + pose.trunk, flat(upperArm)],
      ['knee', thigh.way - shank.way, flat(thigh, shank)],
      ['hip', thigh.way + pose.trunk, flat(thigh)],
      ['ankle', feet[side] - shank.way, flat(shank)],
      ['neck', pose.head ?? 0, side === 0],
    ]
    return found.flatMap(([joint, bent, judged]) => (judged ? [{ joint, side, bent: within(bent, jointLimits[joint]) }] : []))
  })
}

/** The middle of a part of the body. */
export function partAt({ hip, neck, arms, legs }: PlacedBody, part: Part): Point {
  const side = part.startsWith('near') ? 0 : 1
  if (part.endsWith('Foot')) return legs[side].toes
  if (part.endsWith('Hand')) return arms[side].hand
  if (part.endsWith('Knee')) return legs[side].knee
  if (part.endsWith('Elbow')) return arms[side].elbow
  return part === 'seat' ? hip : neck
}

/** All that has a thickness, with it. */
export const outlineOf = ({ hip, neck, head, arms, legs }: PlacedBody): [name: string, point: Point, thick: Hundredths][] => [
  ['hip', hip, thick.trunk],
  ['neck', neck, thick.trunk],
  ['head', head, 6.5],
  ...arms.flatMap((arm, side): [string, Point, Hundredths][] => [
    [`elbow ${side}`, arm.elbow, thick.limb],
    [`hand ${side}`, arm.hand, thick.limb],
  ]),
  ...legs.flatMap((leg, side): [string, Point, Hundredths][] => [
    [`knee ${side}`, leg.knee, thick.limb],
    [`ankle ${side}`, leg.ankle, thick.limb],
    [`toes ${side}`, leg.toes, thick.limb],
  ]),
]

/** How far something may sink into what it rests on: flesh gives. */
const gives: Hundredths = 1.3

/** What no body can do in this figure, or what does not stay where it is said to: nothing, if it is sound. */
export function figureTroubles(figure: Figure): string[] {
  const frames = framesOf(figure).map((pose) => ({ pose, placed: place(pose, figure.view) }))
  const troubles = new Set<string>()
  for (const { pose } of frames)
    for (const { joint, side, bent } of jointsOf(pose, figure.view)) {
      const [low, high] = jointLimits[joint]
      if (bent < low - 0.5 || bent > high + 0.5) troubles.add(`${joint} ${side} bends ${Math.round(bent)}°`)
    }
  for (const { placed } of frames)
    for (const [name, point, half] of outlineOf(placed)) {
      if (point.y < half - gives - 0.3) troubles.add(`${name} goes through the floor: ${point.y.toFixed(1)}`)
      for (const box of (figure.scenery ?? []).filter(({ kind }) => kind === 'bench')) {
        const into = Math.min(tops.bench + half - gives - point.y, (box.wide ?? widths.bench!) / 2 - Math.abs(point.x - box.x))
        if (into > 0.6) troubles.add(`${name} goes through the bench: ${into.toFixed(1)}`)
      }
    }
  // What moves freely between two key poses need not be within reach there; what stays is judged below in each frame.
  for (const { pose, placed } of frames.filter(({ pose }) => figure.poses.includes(pose)))
    for (const name of ['arms', 'legs'] as const)
      bothOf(pose[name]).forEach((limb, side) => {
        if (!('at' in limb)) return
        const end = partAt(placed, `${side === 0 ? 'near' : 'far'}${name === 'arms' ? 'Hand' : 'Foot'}`)
        const miss = Math.hypot(end.x - limb.at[0], end.y - limb.at[1])
        if (miss > 1) troubles.add(`${side === 0 ? 'near' : 'far'} ${name} are ${miss.toFixed(1)} too short`)
      })
  for (const { part, on } of figure.stays) {
    const points = frames.map(({ placed }) => partAt(placed, part))
    const [first] = points
    const moved = Math.max(...points.map((point) => Math.hypot(point.x - first!.x, point.y - first!.y)))
    if (moved > 1) troubles.add(`${part} moves by ${moved.toFixed(1)}`)
    const away = awayFrom(on, first!, figure.scenery)
    if (away === undefined) troubles.add(`${part} has no ${on}`)
    else if (away > mostAway) troubles.add(`${part} is ${away.toFixed(1)} from the ${on}`)
  }
  return [...troubles]
}
