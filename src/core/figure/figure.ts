import { z } from 'zod'

const degrees = z.number({ error: 'must be a number of degrees' }).min(-360, 'must be at least -360°').max(360, 'must be at most 360°')
const hundredths = z.number({ error: 'must be a number' }).min(-400, 'must be at least -400').max(400, 'must be at most 400')
const point = z.tuple([hundredths, hundredths], { error: 'must be two numbers: across, and over the floor' })
const oneOf = <const Values extends readonly [string, ...string[]]>(values: Values) =>
  z.enum(values, { error: `must be one of ${values.join(', ')}` })

/**
 * An arm or a leg: turned (the ways of its two bones, and how far each leaves the plane of the picture), or reaching for where its
 * hand, or its toes, are; its joint then bends as joints do, `bend` degrees out of the plane.
 */
export const Limb = z.union(
  [
    z.strictObject({ turn: z.tuple([degrees, degrees]), out: z.tuple([degrees, degrees]).optional() }),
    z.strictObject({ at: point, bend: degrees.optional() }),
  ],
  { error: 'must have either "turn", two angles, or "at", a place' },
)
export type Limb = z.infer<typeof Limb>

const pairOf = <T extends z.ZodType>(each: T) =>
  z.union([z.tuple([each]), z.tuple([each, each])], { error: 'must be a list of one for both sides, or of a near and a far one' })

/** A key pose. Of arms, legs and feet the near one comes first (in front view: that on the right of the picture); one stands for both. */
export const Pose = z.strictObject({
  /** The middle of the hips, over the floor at 0. */
  hip: point,
  /** How far the trunk leans the way it faces; in front view, to the right. */
  trunk: degrees,
  /** In front view: how far the trunk bows towards who looks on. */
  bow: degrees.optional(),
  /** How far the head nods, against the trunk. */
  head: degrees.optional(),
  arms: pairOf(Limb),
  legs: pairOf(Limb),
  /** The ways of the feet; left out, they stand flat. */
  feet: pairOf(degrees).optional(),
})
export type Pose = z.infer<typeof Pose>

export const Part = oneOf(['nearFoot', 'farFoot', 'nearHand', 'farHand', 'nearKnee', 'farKnee', 'nearElbow', 'farElbow', 'seat', 'back'])
export type Part = z.infer<typeof Part>

export const Surface = oneOf(['floor', 'bench', 'chair', 'wall', 'bar', 'ball', 'halfBall', 'trampoline', 'treadmill', 'rower', 'weights'])
export type Surface = z.infer<typeof Surface>

/** What is held: a weight, or something between the hands or from them to somewhere. */
export const Held = z.strictObject({
  kind: oneOf(['kettlebell', 'dumbbell', 'ball', 'band', 'strap', 'rope', 'skippingRope', 'towel']),
  /** `hands`: both on one; `each`: one in each. */
  in: oneOf(['hands', 'each', 'near', 'far']),
  /** Where a band, strap or rope ends. */
  to: point.optional(),
})
export type Held = z.infer<typeof Held>

export const Scenery = z.strictObject({
  kind: oneOf([
    'mat',
    'bench',
    'chair',
    'wall',
    'bar',
    'anchor',
    'ball',
    'halfBall',
    'trampoline',
    'treadmill',
    'rower',
    'sliders',
    'cones',
    'weights',
    'band',
    'hurdles',
  ]),
  /** The middle of it, or of what it is a row of. */
  x: hundredths,
  y: hundredths.optional(),
  wide: hundredths.optional(),
})
export type Scenery = z.infer<typeof Scenery>

/** A movement as a picture, its start in the first pose. One pose alone is held. */
export const Figure = z.strictObject(
  {
    view: oneOf(['side', 'front']),
    poses: z.array(Pose).min(1, 'needs a pose').max(6, 'has at most 6 poses'),
    /** The pose that is drawn in ink; left out, the last. */
    shows: z.number().int().min(0).max(5).optional(),
    /** After the last pose, back the way it came, or round to the first. */
    course: oneOf(['back', 'round']).optional(),
    /** Done with the other side every other time. */
    swaps: z.boolean().optional(),
    /** Whose way the arrow tells. */
    main: oneOf(['hip', 'head', 'hand', 'foot', 'knee', 'none']).optional(),
    /** Whether the body or the weight is lowered on the way to the pose that is shown: the tempo's first figure. */
    lowers: z.boolean().optional(),
    stays: z.array(z.strictObject({ part: Part, on: Surface })).max(12),
    held: z.array(Held).max(3).optional(),
    scenery: z.array(Scenery).max(5).optional(),
    /** Drawn the other way round. */
    mirrored: z.boolean().optional(),
  },
  { error: (issue) => (issue.code === 'invalid_type' ? 'must be a figure: an object with view, poses and stays' : undefined) },
)
export type Figure = z.infer<typeof Figure>
