import type { Figure, Held, Pose } from '../../../src/core/figure/figure'
import {
  arms,
  type Arms,
  bells,
  both,
  but,
  chair,
  facing,
  feet,
  flat,
  free,
  freeFront,
  front,
  frontArms,
  handsAndFeet,
  hands,
  hinge,
  jump,
  leaning,
  lunge,
  mat,
  on,
  onFar,
  onKnees,
  onToes,
  pairOn,
  plank,
  plankHands,
  pose,
  reach,
  seat,
  side,
  sides,
  sit,
  squat,
  stand,
  tiptoe,
  toes,
  turn,
  wide,
} from './poses'
import type { FigureSet } from './set'
import { walking } from './upright'

// On the spot, in side view: the near leg lifts.
const lifts = (near: ReturnType<typeof free>, from: Arms, to: Arms, more: Partial<Figure> = {}): Figure =>
  side([on('farFoot', 'floor')], [stand(from), onFar(near, to)], { swaps: true, main: 'knee', lowers: false, ...more })
const march = lifts(free(70, 2), arms.runOther, arms.run)
const lowMarch = lifts(free(44, -16), arms.runOther, arms.run)
const marchWith = (from: Arms, to: Arms = from, more: Partial<Figure> = {}) => lifts(free(72, 2), from, to, more)
/** From foot to foot: nothing stays. */
const runs = (near: ReturnType<typeof free>, far: ReturnType<typeof free>, to: Arms, more: Partial<Figure> = {}): Figure =>
  side([], [pose([0, 54.4], 6, arms.runOther, far, near), pose([0, 54.4], 6, to, near, far)], { main: 'knee', shows: 1, ...more })
const jog = runs(free(52, -36), free(-4, -30, 46), arms.run)
const highKnees = runs(free(96, 4), free(0, -6, 66), arms.run)
const heelUp = side([on('farFoot', 'floor')], [stand(arms.ribs), onFar(free(4, -104), arms.ribs)], {
  swaps: true,
  main: 'foot',
  lowers: false,
})
const buttKicks = runs(free(6, -118, -60), free(2, -6, 66), arms.run, { main: 'foot' })
const sprinting = (lean: number, spread = 1): Figure =>
  side(
    [],
    [
      pose([0, 55], lean, arms.runOther, free(-34 * spread, -70 * spread, 0), free(62 * spread, -18)),
      pose([0, 55], lean, arms.run, free(62 * spread, -18), free(-34 * spread, -70 * spread, 0)),
    ],
    { main: 'none', shows: 1, scenery: [{ kind: 'cones', x: 0, wide: 130 }] },
  )
const lane: Partial<Figure> = { scenery: [{ kind: 'cones', x: 4, wide: 120 }] }

// Seated.
const seatedMarch = (armPair: Arms = arms.run, more: Partial<Figure> = {}): Figure =>
  side(seat, [sit(arms.runOther), sit(armPair, { near: free(116, 16), far: flat(23) })], {
    scenery: [chair],
    swaps: true,
    main: 'knee',
    lowers: false,
    ...more,
  })

// From the front.
const closed = (armPair: Arms = frontArms.sides) => front(armPair, 5)
const jack = (armPair: Arms, spread = 19, from: Arms = frontArms.sides, more: Partial<Figure> = {}): Figure =>
  facing([], [closed(from), front(armPair, spread)], { main: 'hand', lowers: false, ...more })
const sideTap = (to: Arms, from: Arms = frontArms.hips, more: Partial<Figure> = {}): Figure =>
  facing([on('farFoot', 'floor')], [front(from, 6), front(to, [19, 6], { hip: [-1, 49.8] })], { swaps: true, main: 'foot', ...more })
const low = (ankle: number, hip: number) => ({
  hip: [0, hip] as const,
  legs: sides(ankle, ankle).map((limb) => ({ ...limb, bend: 40 })) as never,
})
const squatWide = (armPair: Arms, hip = 32, ankle = 19): Pose => front(armPair, ankle, low(ankle, hip))
const stepSide = (deep: number, armPair: Arms, more: Partial<Figure> = {}): Figure =>
  facing(
    [on('farFoot', 'floor')],
    [front(armPair, [3, 12], { hip: [-5, 52 - 10 * deep] }), front(armPair, [24, 12], { hip: [5, 50 - 12 * deep] })],
    { main: 'foot', swaps: true, ...more },
  )
const cones: Partial<Figure> = { scenery: [{ kind: 'cones', x: 0, wide: 104 }] }
const skater = (deep: number, lift: boolean): Figure =>
  facing(
    [],
    [
      front(frontArms.forward, 6),
      {
        ...front([turn(-30, -60, [30, 30]), turn(64, 70)], [16, 8], { hip: [12, 47 - 5 * deep], trunk: 8 }),
        legs: [wide(16), turn(lift ? -40 : -30, lift ? -70 : -52, [34, -74])],
        feet: [70, -20],
      },
    ],
    { swaps: true, main: 'hip' },
  )
const kneeSide = (hop: boolean, armPair: Arms, more: Partial<Figure> = {}): Figure =>
  facing(
    hop ? [] : [on('farFoot', 'floor')],
    [
      front(frontArms.forward, 6),
      front(armPair, 6, { trunk: hop ? 6 : 0, legs: [freeFront(34, -6, [58, -20]), sides(6, 6)[1]], feet: [30, 70] }),
    ],
    { swaps: true, main: 'knee', ...more },
  )

// Burpees and their kin.
const start = stand(arms.hang)
const crouch: Pose = pose([-10, 34], 98, [reach(27, 2.2)], { limb: reach(9.5, 2.2), foot: 46 }, undefined, -20)
const backPlank = onToes(19.6, [reach(27, 2.2)], { toe: 27 - plankHands })
const lowPlank = onToes(5, [reach(27, 2.2)], { toe: 27 - plankHands, head: -14 })
const leap = jump(arms.up, 9)
const burpee = side([], [backPlank, crouch, leap], { main: 'none', lowers: false })
const thrust = side([], [start, crouch, backPlank, crouch], { shows: 2, main: 'foot', course: 'round' })
const hop = side(hands, [crouch, backPlank], { main: 'foot' })
const bench = (x: number) => ({ scenery: [{ kind: 'bench' as const, x, wide: 40 }] })
const benchHands: Arms = [reach(28, 26.4)]
const atBench = pose([-2, 44], 62, benchHands, flat(-1), undefined, -20)
const benchPlank = onToes(36, benchHands, { toe: -26 })
const stepBack = side([], [stand(arms.hang, { x: -2 }), atBench, { ...benchPlank }], { ...bench(40), main: 'foot', shows: 2 })
const benchThrust = side(pairOn('Hand', 'bench'), [atBench, benchPlank], { ...bench(40), main: 'foot' })
const squatReach = side(feet, [squat(0.9, both(10, 14), { trunk: 46 }), stand(arms.up)], { main: 'hand', lowers: false })
const fold: Pose = pose([-8, 46], 110, [reach(22, 2.2)], flat(-1), undefined, 14)
const walkHands = (last: Pose[]): Figure => side([], [start, fold, ...last], { shows: 1 + last.length, main: 'hand' })
const walkOut = walkHands([
  pose([8, 40], 92, [reach(40, 2.2)], { limb: reach(-4, 2.2), foot: 30 }, undefined, 4),
  onToes(19.6, [reach(plankHands - 14, 2.2)], { toe: -14 }),
])
const walkOutPush = but(walkOut, { poses: [...walkOut.poses, onToes(5, [reach(plankHands - 14, 2.2)], { toe: -14, head: -14 })], shows: 4 })
const benchWalk = side(feet, [stand(arms.hang), pose([-9, 49], 62, [reach(20, 40)], flat(-1)), leaning(39, [reach(48.6, 26.4)])], {
  scenery: [{ kind: 'bench', x: 66, wide: 40 }],
  main: 'hand',
})
const wallWalk = side(feet, [leaning(6, [reach(38, 92)]), leaning(18, [reach(45.6, 62)])], {
  scenery: [{ kind: 'wall', x: 48 }],
  main: 'hand',
  lowers: true,
})

// Climbers.
const climberIn = free(62, -84, -36)
const climber = side([...hands, on('farFoot', 'floor')], [plank(), plank({ near: climberIn, far: toes(0, 4) })], {
  scenery: [mat(40, 108)],
  swaps: true,
  main: 'knee',
  lowers: false,
})
const climberBench = side(
  [...pairOn('Hand', 'bench'), on('farFoot', 'floor')],
  [onToes(36, [reach(plankHands - 18, 26.4)]), onToes(36, [reach(plankHands - 18, 26.4)], { near: free(108, -50, 10), far: toes(0, 4) })],
  { scenery: [{ kind: 'bench', x: plankHands - 2, wide: 40 }], swaps: true, main: 'knee', lowers: false },
)
const atWall = leaning(20, [reach(56.6, 72)])
const wallDrive = side(
  [...pairOn('Hand', 'wall'), on('farFoot', 'floor')],
  [atWall, { ...atWall, legs: [free(66, -20).limb, flat(-1).limb], feet: [60, 81] }],
  { scenery: [{ kind: 'wall', x: 59 }], swaps: true, main: 'knee', lowers: false },
)
const crawl: Pose = pose([0, 29.5], 72, [reach(32, 2.2), reach(26, 2.2)], toes(-24, 6), toes(-16, 4), -14)
const bearCrawl = side(
  [on('nearHand', 'floor'), on('farFoot', 'floor')],
  [crawl, { ...crawl, hip: [5, 29.5], arms: [reach(32, 2.2), reach(39, 2.2)], legs: [reach(-8, 2.2), reach(-16, 2.2)], feet: [8, 4] }],
  { main: 'none', swaps: true },
)
const crouchWalk = side(
  [on('nearFoot', 'floor')],
  [pose([0, 40], 44, both(10, 60), flat(6), toes(-16, 30)), pose([12, 40], 44, both(10, 60), flat(6), flat(24))],
  { main: 'hip', swaps: true },
)
const crab = (lift: boolean): Pose =>
  pose(
    [22, 17],
    -52,
    lift ? [turn(40, 60), reach(0, 2.2)] : [reach(0, 2.2)],
    lift ? flat(46) : flat(46),
    lift ? free(126, 40, 110) : flat(46),
    -4,
  )

// With gear.
const ropeTo = (x = 66): Held[] => [{ kind: 'rope', in: 'each', to: [x, 1.5] }]
const ropeSlam = side(feet, [squat(0.4, both(128, 132)), squat(0.7, both(30, 34))], { held: ropeTo(), main: 'hand', lowers: true })
const ropeSeated = side(seat, [sit(both(96, 100)), sit(both(40, 46))], { held: ropeTo(70), scenery: [chair], main: 'hand', lowers: true })
const rope: Held[] = [{ kind: 'skippingRope', in: 'each' }]
const skip = side(
  [],
  [pose([0, 53.6], 2, both(2, 58), { limb: reach(9.5, 2.2), foot: 50 }), pose([0, 60], 2, both(2, 58), free(6, -8, 40))],
  { held: rope, main: 'hip' },
)
const trampoline: NonNullable<Figure['scenery']> = [{ kind: 'trampoline', x: 2 }]
const onTrampoline = (figure: Figure, more: Partial<Figure> = {}): Figure =>
  but(raised(figure, 12), { scenery: trampoline, stays: [], ...more })
/** The whole movement that much higher, on something. */
function raised(figure: Figure, by: number): Figure {
  const up = (limb: Pose['arms'][0]) => ('at' in limb ? { ...limb, at: [limb.at[0], limb.at[1] + by] as [number, number] } : limb)
  return but(figure, {
    poses: figure.poses.map((each) => ({
      ...each,
      hip: [each.hip[0], each.hip[1] + by],
      arms: each.arms.map(up) as Pose['arms'],
      legs: each.legs.map(up) as Pose['legs'],
    })),
  })
}
const row = (back: number, armPair: Arms, near: ReturnType<typeof flat>): Pose => pose([back, 19.6], back < 4 ? -18 : 16, armPair, near)
const feetOn = { limb: reach(50, 15), foot: 116 }
const rowHeld: Held[] = [{ kind: 'band', in: 'hands', to: [64, 20] }]
const rowing = (onlyArms: boolean): Figure =>
  side(
    [],
    onlyArms
      ? [row(2, both(62, 68), feetOn), row(2, both(-22, 76), feetOn)]
      : [row(26, both(80, 84), feetOn), row(2, both(-22, 76), feetOn)],
    { held: rowHeld, scenery: [{ kind: 'rower', x: 20, wide: 112 }], main: onlyArms ? 'hand' : 'hip', lowers: false },
  )
const treadmill = (armPair: Arms, lean: number): Figure =>
  but(raised(walking(armPair), 6), {
    poses: raised(walking(armPair), 6).poses.map((each) => ({ ...each, trunk: lean })),
    scenery: [{ kind: 'treadmill', x: 12 }],
    stays: [{ part: 'nearFoot', on: 'treadmill' }],
  })

const boxGuard: Arms = [turn(30, 150), turn(26, 146)]
const punch = (light: boolean): Figure =>
  side(
    light ? [] : feet,
    [
      lunge(-0.25, boxGuard),
      { ...lunge(-0.2, [turn(30, 150), turn(86, 90)], { trunk: 8 }), ...(light && { hip: [2, 49] as [number, number] }) },
    ],
    { main: 'hand', lowers: false },
  )
const slowPunch = side(feet, [stand(boxGuard), stand([turn(64, 84), turn(26, 146)])], { main: 'hand', swaps: true })
const duckPunch = (deep: number): Figure =>
  facing(
    feet,
    [
      front(frontArms.chest, 14),
      front(frontArms.chest, 14, { hip: [6, 50 - 14 * deep], trunk: 10 * deep, legs: sides(14, 14) }),
      front([turn(20, -60, [70, 60]), turn(24, -128, [20, 35])], 14, { hip: [4, 50] }),
    ],
    { shows: deep > 0.5 ? 1 : 2, course: 'round', swaps: true, main: 'none' },
  )
const scissor = (armsFrom: Arms, armsTo: Arms, deep = 0): Figure =>
  side([], [pose([0, 49.5 - deep], 4, armsFrom, flat(12), toes(-10, 36)), pose([0, 49.5 - deep], 4, armsTo, toes(-10, 36), flat(12))], {
    shows: 1,
    main: 'none',
  })
const runningMan = scissor(arms.runOther, arms.run, 3)
const runningKnee = side(
  [on('farFoot', 'floor')],
  [pose([0, 49], 8, arms.runOther, toes(-16, 34), flat(-1)), onFar(free(92, 6), arms.run)],
  { swaps: true, main: 'knee', lowers: false },
)
const stepAndReach = (armPair: Arms): Figure =>
  side([on('nearFoot', 'floor')], [stand(arms.hang), pose([-3, 50.4], 4, armPair, flat(-1), toes(-22, 36))], { swaps: true, main: 'hand' })
const splitJump = side([], [lunge(0.9, arms.run), pose([0, 62], 2, arms.front, free(24, -10, 40), free(-24, -46, 10))], {
  swaps: true,
  main: 'hip',
  lowers: false,
})
const splitQuick = side(feet, [lunge(0, arms.hips), lunge(0.8, arms.hips)], { main: 'hip', lowers: true })
const frogLeap = side([], [squat(1, both(14, 10), { trunk: 52 }), pose([10, 64], 10, both(120, 124), free(30, -26, 30))], {
  main: 'hip',
  lowers: false,
})
const deepStand = side(feet, [squat(1, both(14, 10), { trunk: 52 }), stand(arms.hang)], { main: 'hip', lowers: false })
const broad = side([], [squat(0.7, arms.back), pose([26, 60], 14, arms.up, free(56, 10, 92), free(50, 4, 88))], {
  main: 'hip',
  lowers: false,
})
const turning = facing(
  [],
  [squatWide(both(20, -30), 34, 11), front(frontArms.v, 8, { hip: [0, 67], legs: [freeFront(9, 4), freeFront(9, 4)] })],
  { main: 'hip', lowers: false },
)
const turnStep = facing([], [squatWide(frontArms.chest, 38, 12), front(frontArms.hips, [14, 4], { hip: [4, 52] })], {
  main: 'hip',
  lowers: false,
})
const fast = side(
  [],
  [pose([0, 46], 22, both(10, 92), free(50, -22), flat(-1)), pose([0, 46], 22, both(10, 92), flat(-1), free(50, -22))],
  { main: 'none', shows: 0 },
)
const heelLifts = side(
  [on('farFoot', 'floor')],
  [stand(arms.ribs), pose([0, 52.6], 4, arms.ribs, { limb: reach(9.5, 2.2), foot: 40 }, flat(-1))],
  { swaps: true, main: 'foot', lowers: false },
)
const dropDown = side([], [pose([0, 46], 22, both(10, 92), free(50, -22), flat(-1)), crouch, backPlank, lowPlank], { main: 'none' })
const hurdle = (hopping: boolean, more: Partial<Figure> = {}): Figure =>
  facing(
    hopping ? [] : [on('farFoot', 'floor')],
    [
      front(frontArms.forward, 6),
      front(
        frontArms.forward,
        6,
        hopping
          ? { hip: [0, 58], legs: [freeFront(44, -20, [46, -20]), freeFront(10, -6, [40, -30])], feet: [30, 30] }
          : { legs: [freeFront(52, -8, [44, -10]), sides(6, 6)[1]], feet: [30, 70] },
      ),
    ],
    { swaps: true, main: 'knee', scenery: [{ kind: 'hurdles', x: 24 }], ...more },
  )
const toeTaps = side(
  [on('farFoot', 'floor')],
  [stand(arms.ribs), pose([-1, 52.2], 0, arms.ribs, { limb: reach(24, 2.2), foot: 58 }, flat(-1))],
  { swaps: true, main: 'foot', lowers: false },
)

export const cardio: FigureSet = {
  march: { self: march, 'seated-march': seatedMarch(), 'jog-on-the-spot': jog },
  'shuttle-walk': { self: walking(arms.run, lane), 'march-between-two-marks': but(march, lane), 'shuttle-run': sprinting(10, 0.8) },
  'rope-skip': {
    self: skip,
    'step-over-a-still-rope': toeTaps,
    'heel-raises-quick': side(feet, [stand(both(2, 58)), tiptoe(both(2, 58))], { main: 'hip', lowers: false }),
    'rope-skip-foot-to-foot': but(jog, { held: rope, poses: jog.poses.map((each) => ({ ...each, arms: both(2, 58) })) }),
  },
  'row-machine': {
    self: rowing(false),
    'arms-only-rowing': rowing(true),
    'seated-band-row': side(seat, [sit(both(66, 74), { near: flat(27) }), sit(arms.elbows, { near: flat(27), trunk: -4 })], {
      held: [{ kind: 'band', in: 'hands', to: [38, 3] }],
      scenery: [chair],
      main: 'hand',
      lowers: false,
    }),
    'seated-march-with-arm-drive': seatedMarch(),
  },
  'treadmill-walk': {
    self: treadmill(arms.run, 2),
    'treadmill-holding-the-rail': treadmill([reach(34, 66)], 3),
    'walk-a-lane': walking(arms.run, lane),
    'treadmill-uphill': treadmill(arms.run, 12),
  },
  'jumping-jack': {
    self: jack(frontArms.up),
    'side-tap-arms-low': sideTap(frontArms.low, frontArms.sides),
    'jack-with-a-squat': facing([], [closed(), squatWide(both(90, 178))], { main: 'hand', lowers: false }),
  },
  'high-knees': {
    self: highKnees,
    'brisk-march-knees-low': lowMarch,
    'high-knees-hands-overhead': but(highKnees, { poses: highKnees.poses.map((each) => ({ ...each, arms: arms.up })) }),
  },
  'fast-feet': { self: fast, 'heel-lifts-in-turn': heelLifts, 'fast-feet-and-drop': dropDown },
  'side-shuffle': {
    self: stepSide(1, frontArms.forward, cones),
    'side-walk-between-the-cones': stepSide(0.1, frontArms.sides, cones),
    'shuffle-and-touch-the-floor': facing(
      [],
      [
        front(frontArms.forward, [3, 12], { hip: [-5, 42] }),
        front([turn(14, 10), turn(30, -20, [30, 30])], [26, 14], { hip: [8, 27], trunk: 40 }),
      ],
      { ...cones, main: 'hand', lowers: true },
    ),
  },
  'cone-weave': {
    self: but(sprinting(12, 0.7), { scenery: [{ kind: 'cones', x: 0, wide: 70 }] }),
    'walk-the-weave': walking(arms.run, { scenery: [{ kind: 'cones', x: 4, wide: 70 }] }),
    'weave-backwards': but(sprinting(-2, 0.75), { scenery: [{ kind: 'cones', x: 0, wide: 70 }] }),
  },
  'skater-step': {
    self: skater(1, false),
    'side-tap-with-reach': sideTap([turn(-30, -60, [30, 30]), turn(84, 88)], frontArms.sides),
    'skater-hop': skater(1.8, true),
  },
  burpee: { self: burpee, 'step-back-at-the-bench': stepBack, 'squat-and-reach': squatReach, 'squat-thrust-no-jump': thrust },
  'squat-thrust': {
    self: hop,
    'hands-on-the-bench': benchThrust,
    'hinge-and-stand-tall': side(feet, [hinge(0.9, both(2, 6)), stand(arms.hang)], { main: 'head', lowers: false }),
  },
  'mountain-climber': { self: climber, 'climber-at-the-bench': climberBench, 'standing-knee-drive-at-the-wall': wallDrive },
  'bear-crawl': {
    self: bearCrawl,
    'crouch-walk-hands-free': crouchWalk,
    'marching-with-punches': marchWith([turn(86, 90), turn(26, 140)], [turn(26, 140), turn(86, 90)]),
  },
  'trampoline-jog': {
    self: onTrampoline(jog),
    'march-on-the-trampoline': onTrampoline(march),
    'high-step-march-on-the-floor': lifts(free(92, 4), arms.runOther, arms.run),
  },
  'shadow-boxing': { self: punch(false), 'slow-punches-at-rib-height': slowPunch, 'boxing-with-light-feet': punch(true) },
  'walk-out': { self: walkOut, 'walk-out-to-the-bench': benchWalk, 'wall-walk-down': wallWalk, 'walk-out-with-a-push-up': walkOutPush },
  'half-jack': { self: jack(both(88, 90)), 'side-tap-with-half-arms': sideTap(both(64, 66), frontArms.sides) },
  'seal-jack': {
    self: jack(both(90, 90), 19, both(70, 0, [30, 60])),
    'seal-step': sideTap(both(90, 90), both(70, 0, [30, 60])),
    'march-and-hug': facing(
      [on('farFoot', 'floor')],
      [front(both(90, 90), 6), front(both(50, -60, [30, 30]), 6, { legs: [freeFront(14, 4, [66, -10]), sides(6, 6)[1]], feet: [40, 70] })],
      { swaps: true, main: 'none' },
    ),
  },
  'touch-jack': {
    self: facing([], [closed(), front([turn(4, -6, [20, 20]), turn(60, 80)], 20, { ...low(20, 28), trunk: 16 })], {
      main: 'hand',
      swaps: true,
      lowers: true,
    }),
    'step-wide-and-touch-the-knee': facing(
      [on('farFoot', 'floor')],
      [front(frontArms.sides, 6), front([turn(20, 6), turn(10, -40, [30, 40])], [24, 6], { hip: [6, 42], trunk: 10 })],
      { swaps: true, main: 'hand' },
    ),
    'side-tap-and-reach': sideTap([turn(150, 152), turn(40, -46)], frontArms.hips, { main: 'hand' }),
  },
  'plank-jack': {
    self: side(hands, [plank(), onToes(18, [reach(plankHands, 2.2)], { toe: 3, near: toes(1.5, 4), far: toes(9, 2) })], {
      scenery: [mat(40, 108)],
      main: 'foot',
    }),
    'plank-step-out-and-in': side([...hands, on('nearFoot', 'floor')], [plank(), plank({ near: toes(0, 4), far: toes(9, 0) })], {
      scenery: [mat(40, 108)],
      swaps: true,
      main: 'foot',
    }),
    'standing-brace-with-side-taps': sideTap(frontArms.hips),
  },
  'squat-jack': {
    self: facing([], [front(frontArms.chest, 8, { hip: [0, 42] }), squatWide(frontArms.chest, 32, 22)], { main: 'foot' }),
    'low-side-step': stepSide(0.9, frontArms.chest),
    'tall-side-tap': sideTap(frontArms.chest, frontArms.chest),
  },
  'press-jack': {
    self: jack(both(160, 176), 17, frontArms.rack, { held: bells }),
    'step-out-and-press': sideTap(both(160, 176), frontArms.rack, { held: bells, main: 'hand' }),
    'step-out-and-punch-forward': sideTap([turn(20, 14, [70, 70]), turn(24, -128, [20, 35])], frontArms.chest),
  },
  'star-jump': {
    self: facing(
      [],
      [
        front(both(14, -20), 7, { hip: [0, 34] }),
        front(both(128, 128), 10, { hip: [0, 66], legs: [freeFront(30, 30), freeFront(30, 30)] }),
      ],
      { main: 'hip', lowers: false },
    ),
    'squat-and-reach-wide': facing(feet, [squatWide(both(14, -20), 36, 12), front(frontArms.v, 12)], { main: 'hand', lowers: false }),
    'march-with-wide-arms': facing(
      [on('farFoot', 'floor')],
      [front(frontArms.sides, 6), front(frontArms.v, 6, { legs: [freeFront(14, 4, [66, -10]), sides(6, 6)[1]], feet: [40, 70] })],
      { swaps: true, main: 'hand' },
    ),
  },
  'butt-kicks': { self: buttKicks, 'leg-curl-step': heelUp, 'march-on-the-spot-low': lowMarch },
  'running-man': { self: runningMan, 'step-back-and-swing-the-arms': stepAndReach(arms.runOther), 'running-man-knee-high': runningKnee },
  'side-running-man': {
    self: kneeSide(true, [turn(30, -20, [40, 30]), turn(20, -110, [50, 20])]),
    'side-step-with-knee-lift': kneeSide(false, frontArms.hips),
  },
  'hurdle-steps': {
    self: hurdle(false),
    'hurdle-steps-at-the-wall': hurdle(false, {
      scenery: [
        { kind: 'wall', x: -44 },
        { kind: 'hurdles', x: 24 },
      ],
      poses: hurdle(false).poses.map((each) => ({ ...each, arms: [frontArms.hips[0], turn(70, 84)] as Arms })),
    }),
    'hurdle-hops': hurdle(true),
  },
  'ladder-steps': {
    self: side(
      [],
      [
        pose([0, 51], 8, arms.run, free(50, -20), { limb: reach(9.5, 2.2), foot: 56 }),
        pose([6, 51], 8, arms.runOther, { limb: reach(26, 2.2), foot: 56 }, free(-10, -50, 10)),
      ],
      { shows: 0, main: 'none', swaps: true, ...lane },
    ),
    'walk-the-ladder': walking(arms.run, lane),
    'toe-taps-on-the-spot': toeTaps,
  },
  sprint: {
    self: sprinting(16),
    'brisk-walk-there-and-back': walking(arms.run, lane),
    'march-with-quick-arms': marchWith([turn(40, 130), turn(-52, 30)], [turn(-52, 30), turn(40, 130)]),
  },
  'frog-jump': {
    self: frogLeap,
    'deep-squat-and-stand': deepStand,
    'sit-to-stand-quick': side(feet, [pose([-1, 29], 34, arms.front, flat(20)), pose([19, 52.6], 0, arms.hang, flat(20))], {
      scenery: [{ ...chair, x: -2 }],
      main: 'hip',
      lowers: false,
    }),
  },
  'split-jump': { self: splitJump, 'split-squat-quick': splitQuick, 'step-back-and-reach': stepAndReach(arms.up) },
  'broad-jump-and-back-pedal': {
    self: broad,
    'long-step-and-walk-back': side([], [stand(arms.hang), pose([16, 46], 4, arms.run, flat(34), toes(2, 40))], { main: 'hip' }),
    'squat-and-march': side([on('farFoot', 'floor')], [squat(0.7), onFar(free(80, 4), arms.run)], {
      swaps: true,
      main: 'knee',
      lowers: false,
    }),
  },
  'turning-jump-squat': {
    self: turning,
    'squat-and-step-round': turnStep,
    'march-round': facing(
      [on('farFoot', 'floor')],
      [front(frontArms.sides, 6), front(frontArms.hips, 6, { legs: [freeFront(16, 4, [62, -10]), sides(6, 6)[1]], feet: [40, 70] })],
      { swaps: true, main: 'knee' },
    ),
  },
  'walk-out-burpee': {
    self: side([], [start, fold, onToes(19.6, [reach(plankHands - 14, 2.2)], { toe: -14 }), fold, leap], {
      shows: 2,
      course: 'round',
      main: 'none',
      scenery: [mat(24, 120)],
    }),
    'walk-out-to-the-knees': side([], [start, fold, onKnees(42, [reach(34, 2.2)], { knee: -6 })], {
      main: 'hand',
      scenery: [mat(14, 110)],
    }),
    'squat-and-reach': squatReach,
    'walk-out-with-push-up': side(
      [],
      [
        start,
        fold,
        onToes(19.6, [reach(plankHands - 14, 2.2)], { toe: -14 }),
        onToes(5, [reach(plankHands - 14, 2.2)], { toe: -14, head: -14 }),
      ],
      { shows: 3, lowers: true, main: 'none', scenery: [mat(24, 120)] },
    ),
  },
  'crab-walk': {
    self: side([on('farHand', 'floor')], [crab(false), crab(true)], { swaps: true, main: 'none', mirrored: true }),
    'crab-hold': side(handsAndFeet, [crab(false)], { mirrored: true }),
    'march-with-elbows-back': marchWith(both(-46, 50)),
  },
  'rope-slams': { self: ropeSlam, 'rope-waves-seated': ropeSeated, 'shadow-punches': slowPunch },
  'rope-jacks': {
    self: facing([], [front(both(16, 6, [30, 30]), 6), front(both(140, 150), 18)], {
      held: [{ kind: 'rope', in: 'each', to: [0, 2] }],
      main: 'hand',
      lowers: false,
    }),
    'rope-slams-with-side-step': facing(
      [on('farFoot', 'floor')],
      [front(both(130, 160), 7), front(both(26, 10, [30, 30]), [22, 7], { hip: [5, 46] })],
      { held: [{ kind: 'rope', in: 'each', to: [0, 2] }], main: 'hand', swaps: true, lowers: true },
    ),
    'side-tap-with-wide-arms': sideTap(both(110, 112), frontArms.sides),
  },
  'duck-and-punch': { self: duckPunch(1), 'sway-and-punch': duckPunch(0.3) },
  'trampoline-jack': {
    self: onTrampoline(jack(both(130, 134), 17)),
    'trampoline-jack-one-hand-on-the-wall': onTrampoline(jack([turn(130, 134), turn(84, 90)], 17), {
      scenery: [...trampoline, { kind: 'wall', x: -50 }],
    }),
    'floor-jack-step': sideTap(both(120, 124), frontArms.sides, { main: 'hand' }),
  },
  'trampoline-ski': {
    self: onTrampoline(scissor(arms.runOther, arms.run)),
    'trampoline-ski-one-hand-on-the-wall': onTrampoline(scissor([turn(60, 84), turn(-30, -10)], [turn(60, 84), turn(30, 40)]), {
      scenery: [...trampoline, { kind: 'wall', x: 42 }],
    }),
    'floor-ski-step': scissor(arms.runOther, arms.run),
  },
  'trampoline-twist': {
    self: onTrampoline(
      facing(
        [],
        [
          front([turn(60, 30), turn(60, -60, [10, 30])], 6, { hip: [-3, 50] }),
          front([turn(60, -60, [10, 30]), turn(60, 30)], 6, { hip: [3, 50] }),
        ],
        { main: 'none' },
      ),
    ),
    'trampoline-twist-one-hand-on-the-wall': onTrampoline(
      facing(
        [],
        [front([turn(60, 30), turn(84, 90)], 6, { hip: [-3, 50] }), front([turn(60, -60, [10, 30]), turn(84, 90)], 6, { hip: [3, 50] })],
        { main: 'none' },
      ),
      { scenery: [...trampoline, { kind: 'wall', x: -48 }] },
    ),
    'floor-twist-step': facing(
      [],
      [
        front([turn(60, 30), turn(60, -60, [10, 30])], 6, { hip: [-3, 50] }),
        front([turn(60, -60, [10, 30]), turn(60, 30)], 6, { hip: [3, 50] }),
      ],
      { main: 'none' },
    ),
  },
}
