import { body, thick, type Degrees, type Hundredths } from './body'
import { framesOf } from './frames'
import type { Figure, Part, Pose } from './figure'
import { bothOf } from './pairs'
import { place, usualFoot, type PlacedBody, type Point } from './place'
import { awayFrom, tops, widths } from './surfaces'
import { nearest, wayOf } from './ways'

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

/** Within half a turn of the middle of its limits. */
const within = (value: Degrees, [low, high]: readonly [Degrees, Degrees]): Degrees => nearest(value, (low + high) / 2)

/** The joints of a pose in side view, by how far they bend; those that leave the plane of the picture are not judged. */
export function jointsOf(pose: Pose, view: Figure['view']): { joint: keyof typeof jointLimits; side: 0 | 1; bent: Degrees }[] {
  if (view === 'front') return []
  const placed = place(pose, view)
  const feet = bothOf(pose.feet ?? [usualFoot(view)])
  const flat = (...bones: ReturnType<typeof wayOf>[]) => bones.every(([, out]) => Math.abs(out) < 20)
  return ([0, 1] as const).flatMap((side) => {
    const [arm, leg] = [placed.arms[side], placed.legs[side]]
    const [upperArm, forearm] = [wayOf(arm.shoulder, arm.elbow), wayOf(arm.elbow, arm.hand)]
    const [thigh, shank] = [wayOf(leg.hip, leg.knee), wayOf(leg.knee, leg.ankle)]
    const found: [keyof typeof jointLimits, Degrees, boolean][] = [
      ['elbow', forearm[0] - upperArm[0], flat(upperArm, forearm)],
      ['shoulder', upperArm[0] + pose.trunk, flat(upperArm)],
      ['knee', thigh[0] - shank[0], flat(thigh, shank)],
      ['hip', thigh[0] + pose.trunk, flat(thigh)],
      ['ankle', feet[side] - shank[0], flat(shank)],
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

const sideNames = ['near', 'far'] as const

/** All that has a thickness, with it. */
const outlineOf = ({ hip, neck, head, arms, legs }: PlacedBody): [name: string, point: Point, thick: Hundredths][] => [
  ['hips', hip, thick.trunk],
  ['shoulders', neck, thick.trunk],
  ['head', head, body.head],
  ...arms.flatMap((arm, side): [string, Point, Hundredths][] => [
    [`${sideNames[side]} elbow`, arm.elbow, thick.limb],
    [`${sideNames[side]} hand`, arm.hand, thick.limb],
  ]),
  ...legs.flatMap((leg, side): [string, Point, Hundredths][] => [
    [`${sideNames[side]} knee`, leg.knee, thick.limb],
    [`${sideNames[side]} ankle`, leg.ankle, thick.limb],
    [`${sideNames[side]} toes`, leg.toes, thick.limb],
  ]),
]

/** How far something may sink into what it rests on: flesh gives. */
const gives: Hundredths = 1.6

/** Joints that bend further than joints do, or the wrong way. */
function bentTroubles(pose: Pose, view: Figure['view']): string[] {
  return jointsOf(pose, view).flatMap(({ joint, side, bent }) => {
    const [low, high] = jointLimits[joint]
    if (bent >= low - 0.5 && bent <= high + 0.5) return []
    const which = joint === 'neck' ? 'neck' : `${sideNames[side]} ${joint}`
    return [`${which} bends ${Math.round(bent)}°`]
  })
}

/** What is under the floor. */
const floorTroubles = (placed: PlacedBody): string[] =>
  outlineOf(placed).flatMap(([name, { y }, half]) =>
    y < half - gives ? [`${name} under the floor by ${(half - gives - y).toFixed(1)}`] : [],
  )

/** What is inside a bench. */
const benchTroubles = (placed: PlacedBody, scenery: Figure['scenery'] = []): string[] =>
  scenery
    .filter(({ kind }) => kind === 'bench')
    .flatMap((bench) =>
      outlineOf(placed).flatMap(([name, { x, y }, half]) => {
        const into = Math.min(tops.bench + half - gives + 0.3 - y, (bench.wide ?? widths.bench ?? 0) / 2 - Math.abs(x - bench.x))
        return into > 0.6 ? [`${name} in the bench by ${into.toFixed(1)}`] : []
      }),
    )

/** Hands and toes that do not get to where they reach for. */
function reachTroubles(pose: Pose, placed: PlacedBody): string[] {
  return (['arms', 'legs'] as const).flatMap((name) =>
    bothOf(pose[name]).flatMap((limb, side) => {
      if (!('at' in limb)) return []
      const end = name === 'arms' ? placed.arms[side]!.hand : placed.legs[side]!.toes
      const miss = Math.hypot(end.x - limb.at[0], end.y - limb.at[1])
      return miss > 1 ? [`${sideNames[side]} ${name === 'arms' ? 'arm' : 'leg'} too short by ${miss.toFixed(1)}`] : []
    }),
  )
}

/** What no body can do in one pose: nothing, if it can. */
export function poseTroubles(pose: Pose, view: Figure['view']): string[] {
  const placed = place(pose, view)
  return [...bentTroubles(pose, view), ...floorTroubles(placed), ...reachTroubles(pose, placed)]
}

const words = (name: string) => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)

/** What does not stay where it is said to, or is not there. */
function stayTroubles(figure: Figure, placed: readonly PlacedBody[]): string[] {
  return figure.stays.flatMap(({ part, on }) => {
    const points = placed.map((body) => partAt(body, part))
    const [first] = points
    const moved = Math.max(...points.map(({ x, y }) => Math.hypot(x - first!.x, y - first!.y)))
    const away = awayFrom(on, first!, figure.scenery)
    return [
      ...(moved > 1 ? [`${words(part)} moves by ${moved.toFixed(1)}`] : []),
      ...(away === undefined
        ? [`${words(part)} has no ${words(on)}`]
        : away > mostAway
          ? [`${words(part)} is ${away.toFixed(1)} from the ${words(on)}`]
          : []),
    ]
  })
}

/**
 * What no body can do in this figure, or what does not stay where it is said to, in hundredths of the height: nothing, if it is
 * sound. What moves freely between two key poses need not be within reach there; what stays is judged at each instant.
 */
export function figureTroubles(figure: Figure): string[] {
  const frames = framesOf(figure)
  const placed = frames.map((pose) => place(pose, figure.view))
  const troubles = [
    ...frames.flatMap((pose) => bentTroubles(pose, figure.view)),
    ...placed.flatMap((body) => [...floorTroubles(body), ...benchTroubles(body, figure.scenery)]),
    ...figure.poses.flatMap((pose) => reachTroubles(pose, place(pose, figure.view))),
    ...stayTroubles(figure, placed),
  ]
  return [...new Set(troubles)]
}
