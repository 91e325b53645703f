import type { Figure } from '../../../src/core/figure/figure'
import {
  arms,
  back,
  bell,
  bells,
  both,
  bridge,
  but,
  chair,
  facing,
  feet,
  flat,
  free,
  freeFront,
  front,
  frontArms,
  hinge,
  lunge,
  mat,
  on,
  onFar,
  onOne,
  pairOn,
  pose,
  reach,
  seat,
  side,
  sides,
  sit,
  squat,
  stand,
  supine,
  tiptoe,
  toes,
  turn,
  wide,
  withArms,
} from './poses'
import type { FigureSet } from './set'
import { gluteSqueeze } from './upright'

const hand = (x: number, y: number) => [reach(x, y)] as [ReturnType<typeof reach>]
const down = { lowers: true } as const

// Squats.
const squats = (
  armPairs: [start: Figure['poses'][0]['arms'], low?: Figure['poses'][0]['arms']],
  deep = 1,
  more: Partial<Figure> = {},
): Figure => side(feet, [stand(armPairs[0]), squat(deep, armPairs[1] ?? armPairs[0])], { ...down, ...more })
const airSquat = squats([arms.hang, arms.front])
const halfSquat = squats([arms.hips], 0.55)
const gobletSquat = squats([arms.goblet], 1, { held: bell })
const toChair = (armPairs: [Figure['poses'][0]['arms'], Figure['poses'][0]['arms']?], more: Partial<Figure> = {}): Figure =>
  side(feet, [pose([19, 52.6], 0, armPairs[0], flat(20)), pose([-1, 29], 34, armPairs[1] ?? armPairs[0], flat(20))], {
    scenery: [{ ...chair, x: -2 }],
    ...down,
    ...more,
  })
const fromChair = (figure: Figure): Figure => but(figure, { poses: [figure.poses[1]!, figure.poses[0]!], lowers: false })
const jumpSquat = side([], [squat(0.9, arms.back), pose([2, 66], 0, arms.up, free(4, -4, 40))], { main: 'hip', lowers: false })

// Squats seen from the front.
const wideSquat = (deep = 1, armPair = frontArms.chest, feetAt = 20): Figure =>
  facing(
    feet,
    [
      front(armPair, feetAt),
      front(armPair, feetAt, { hip: [0, 52 - 22 * deep], legs: sides(feetAt, feetAt).map((limb) => ({ ...limb, bend: 38 })) as never }),
    ],
    down,
  )

// Hinges.
const hipHinge = side(feet, [stand(both(4, 6)), hinge(1)], { ...down, held: bell })
const empty = (figure: Figure): Figure => but(figure, { held: [] })
const oneLegHinge = side(
  [on('nearFoot', 'floor')],
  [onOne(free(4, -38)), pose([-4, 51], 68, both(0, 2), flat(-1), free(-58, -64), -14)],
  down,
)
const kickstand = side(
  [on('nearFoot', 'floor')],
  [pose([0, 51.5], 0, arms.hang, flat(3), toes(-9, 30)), pose([-11, 46.5], 62, both(0, 2), flat(3), toes(-9, 26), -12)],
  down,
)
const staggered = but(kickstand, { held: bell })
const swing = side(feet, [hinge(0.85, both(-38, -34)), stand(both(84, 88))], { held: bell, main: 'hand', lowers: false })

// Lunges, the near foot in front.
const splitSquat = side(feet, [lunge(0, arms.hips), lunge(1, arms.hips)], down)
const reverseLunge = side([on('nearFoot', 'floor')], [pose([14, 52.6], 0, arms.ribs, flat(19)), lunge(1, arms.ribs)], {
  ...down,
  swaps: true,
})
const forwardLunge = side(
  [on('farFoot', 'floor')],
  [pose([-34, 52.6], 0, arms.hips, flat(-35)), lunge(1, arms.hips)].map((each, index) =>
    index === 0 ? { ...each, legs: [each.legs[0], toes(-29, 74).limb] as never, feet: [81, 74] as never } : each,
  ),
  { ...down, swaps: true },
)
const withKnee = side([on('nearFoot', 'floor')], [lunge(1, arms.ribs), pose([18, 52.6], 0, arms.runOther, flat(19), free(88, 4))], {
  lowers: false,
})
const sideLunge = facing(
  [on('farFoot', 'floor')],
  [
    front(frontArms.chest, [-22, 28], { hip: [-25, 52.4] }),
    front(frontArms.chest, [25, 28], { hip: [13, 34], trunk: 14, legs: [{ ...wide(25), bend: 40 }, sides(28, 28)[1]] }),
  ],
  { ...down, swaps: true },
)
const curtsy = facing(
  [on('nearFoot', 'floor')],
  [
    front(frontArms.hips, 8),
    front(frontArms.hips, 8, { hip: [5, 36], trunk: 4, legs: [wide(8), turn(-20, -38, [52, -66])], feet: [70, 70] }),
  ],
  { ...down, swaps: true },
)
const weighted = (figure: Figure): Figure => withArms(figure, both(2, 2), { held: bells })

// On the bench.
const stepUp = side(
  [on('nearFoot', 'bench')],
  [pose([-11, 51], 8, arms.runOther, flat(8, 24), flat(-22)), pose([8, 76], 2, arms.run, flat(8, 24), free(-2, -62))],
  { scenery: [{ kind: 'bench', x: 14 }], main: 'hip', lowers: false },
)
const stepUpKnee = but(stepUp, { poses: [...stepUp.poses, pose([8, 76.4], 0, arms.run, flat(8, 24), free(92, 6))] })
const march = side([on('farFoot', 'floor')], [onFar(free(4, -4), arms.run), onFar(free(86, 4), arms.run)], {
  swaps: true,
  main: 'knee',
  lowers: false,
})

// On the back.
const gluteBridge = side([...back, ...feet], [supine(), bridge(17)], { scenery: [mat(2)], mirrored: true, lowers: false, main: 'hip' })
const oneLegBridge = but(gluteBridge, {
  poses: [supine(both(88, 90), flat(22), free(140, 140, 214)), bridge(17, both(90, 90), flat(22), free(135, 135, 212))],
  stays: [
    { part: 'back', on: 'floor' },
    { part: 'nearFoot', on: 'floor' },
  ],
})
const heelsOut = (more: Partial<Figure> = {}): Figure =>
  side(back, [bridge(15, both(90, 90), { limb: reach(24, 12), foot: 128 }), bridge(11, both(90, 90), { limb: reach(43, 13), foot: 140 })], {
    scenery: [mat(4, 116)],
    mirrored: true,
    lowers: true,
    main: 'foot',
    ...more,
  })
const ballCurl = side(
  back,
  [bridge(20, both(90, 90), { limb: reach(38.5, 42.5), foot: 172 }), bridge(20, both(90, 90), { limb: reach(24, 38), foot: 122 })],
  { scenery: [mat(-12, 66), { kind: 'ball', x: 26 }], mirrored: true, main: 'foot', lowers: false },
)
const ballBridge = side(
  [...back],
  [supine(both(88, 90), { limb: reach(40.5, 42.5), foot: 172 }), bridge(17, both(90, 90), { limb: reach(40.5, 42.5), foot: 172 })],
  { scenery: [mat(-10, 66), { kind: 'ball', x: 36 }], mirrored: true, main: 'hip', lowers: false },
)

// One leg behind, on the far foot.
const heelCurl = (armPair = arms.hips, more: Partial<Figure> = {}): Figure =>
  side([on('farFoot', 'floor')], [stand(armPair), onFar(free(-4, -98), armPair)], { main: 'foot', swaps: true, lowers: false, ...more })
const chairBefore = { kind: 'chair', x: 34 } as const
const tapBack = side([on('nearFoot', 'floor')], [stand(arms.ribs), pose([-2, 50.6], 6, arms.front, flat(-1), toes(-25, 34))], {
  swaps: true,
  main: 'foot',
})
const legBack = side([on('farFoot', 'floor')], [onFar(free(0, -4), both(34, 66), 4), onFar(free(-30, -34), both(40, 60), 14)], {
  scenery: [chairBefore],
  main: 'foot',
  lowers: false,
})
const stepForward = side([], [stand(arms.hips), pose([7, 50.5], 2, arms.hips, flat(19), toes(0, 54))], { swaps: true, main: 'foot' })
const heldChair = (figure: Figure, x = 46): Figure =>
  withArms(figure, [hand(34, 62), hand(34, 56)] as never, { scenery: [{ kind: 'chair', x, wide: 22 }] })

const wallSit = (deep: number): Figure =>
  side(feet, [pose([3 + 2 * (1 - deep), 28.6 + 16 * (1 - deep)], 0, both(14, 40), flat(27 - 8 * (1 - deep)))], {
    scenery: [{ kind: 'wall', x: -4.5 }],
  })

// Lying on the side, seen from before: the knees point out of the picture, the lower leg is the far one.
const lyingArms = [turn(94, 100), turn(-92, -90)] as Figure['poses'][0]['arms']
const onSide = (near: ReturnType<typeof turn>): Figure['poses'][0] => ({
  hip: [0, 5.5],
  trunk: -90,
  head: 4,
  arms: lyingArms,
  legs: [near, turn(91, 91, [44, -44])],
  feet: [96, 96],
})
const clam = side([], [onSide(turn(91, 91, [44, -44])), onSide(turn(132, 50, [22, -22]))], {
  scenery: [mat(0)],
  mirrored: true,
  main: 'knee',
  lowers: false,
})
const kneeOpener = facing(
  [on('farFoot', 'floor')],
  [
    front(frontArms.hips, 6, { legs: [freeFront(4, -6, [70, -20]), wide(-14)] as never, feet: [70, 70] }),
    front(frontArms.hips, 6, { legs: [freeFront(70, -22, [24, -10]), wide(-14)] as never, feet: [10, 70] }),
  ],
  { main: 'knee', lowers: false },
)
const fixFar = (figure: Figure): Figure =>
  but(figure, { poses: figure.poses.map((each) => ({ ...each, legs: [each.legs[0], sides(6, 6)[1]] })) })

const sideStep = (deep: number, more: Partial<Figure> = {}, armPair = frontArms.chest): Figure =>
  facing(
    [on('farFoot', 'floor')],
    [front(armPair, [2, 14], { hip: [-6, 52 - 11 * deep] }), front(armPair, [24, 14], { hip: [4, 50 - 13 * deep] })],
    { main: 'foot', ...more },
  )
const bandAt = (y?: number) => ({ scenery: [{ kind: 'band' as const, x: 0, ...(y && { y }) }] })

const clamBridge = side(
  back,
  [
    bridge(16, both(90, 90), flat(22)),
    { ...bridge(16, both(90, 90), flat(22)), legs: [turn(100, 20, [44, -44]), reach(32.5, 2.2)] as never },
  ],
  { scenery: [mat(2)], mirrored: true, main: 'knee' },
)
const clamBack = but(clamBridge, { poses: [supine(), { ...supine(), legs: [turn(118, 62, [40, -44]), reach(32.5, 2.2)] as never }] })

export const lower: FigureSet = {
  'goblet-squat': { self: gobletSquat, 'sit-to-a-high-chair': toChair([arms.hips]), 'squat-arms-forward': airSquat },
  'air-squat': { self: airSquat, 'squat-to-a-chair': toChair([arms.hang, arms.front]), 'half-squat-hands-on-hips': halfSquat },
  'split-squat': {
    self: splitSquat,
    'split-squat-holding-a-chair': heldChair(splitSquat),
    'standing-leg-press-back': legBack,
    'split-squat-with-weights': weighted(splitSquat),
  },
  'reverse-lunge': {
    self: reverseLunge,
    'toe-tap-back': tapBack,
    'hip-hinge-holding-a-chair': side(feet, [stand([reach(28, 58)]), hinge(0.8, [reach(28, 56)])], {
      scenery: [{ kind: 'chair', x: 38, wide: 22 }],
      ...down,
    }),
    'reverse-lunge-with-knee-drive': withKnee,
  },
  'side-lunge': {
    self: sideLunge,
    'side-step-and-reach': facing(
      [on('farFoot', 'floor')],
      [front(frontArms.sides, 6), front([turn(128, 130), turn(14, 10)], [26, 6], { hip: [9, 50] })],
      { swaps: true, main: 'hand' },
    ),
    'side-lunge-with-a-bell': but(sideLunge, { held: bell }),
  },
  'step-up': {
    self: stepUp,
    'march-beside-the-bench': but(march, { scenery: [{ kind: 'bench', x: 62, wide: 30 }] }),
    'step-up-with-knee-drive': stepUpKnee,
  },
  'hip-hinge': {
    self: hipHinge,
    'hinge-to-the-wall': but(withArms(empty(hipHinge), arms.hips), { scenery: [{ kind: 'wall', x: -24 }] }),
    'staggered-hinge': staggered,
  },
  'two-bell-deadlift': {
    self: but(hipHinge, { held: bells, poses: [stand(both(4, 6)), pose([-15, 41], 62, both(0, 2), flat(-1), undefined, -14)] }),
    'hands-on-thighs-hinge': withArms(empty(hipHinge), [both(8, 20), both(-10, -6)] as never),
  },
  'single-leg-hinge': {
    self: oneLegHinge,
    'kickstand-hinge': kickstand,
    'glute-squeeze-both-feet-down': gluteSqueeze,
    'single-leg-hinge-with-a-bell': but(oneLegHinge, { held: [{ kind: 'kettlebell', in: 'near' }] }),
  },
  'bell-swing': {
    self: swing,
    'hinge-and-stand-light-bell': but(hipHinge, { held: bell }),
    'quick-hip-hinge-arms-forward': empty(swing),
    'swing-from-one-hand': but(swing, {
      held: [{ kind: 'kettlebell', in: 'near' }],
      poses: [hinge(0.85, [turn(-38, -34), turn(-30, 10)]), stand([turn(84, 88), turn(-20, 10)])],
    }),
  },
  'glute-bridge': {
    self: gluteBridge,
    'standing-glute-squeeze': gluteSqueeze,
    'single-leg-bridge': oneLegBridge,
  },
  'slider-leg-curl': {
    self: heelsOut({ scenery: [mat(-8, 92), { kind: 'sliders', x: 0 }] }),
    'bridge-heels-walk-out': but(heelsOut(), { poses: [bridge(15, both(90, 90), flat(22)), bridge(12, both(90, 90), flat(36), flat(26))] }),
    'standing-heel-curl': heelCurl(),
  },
  'ball-leg-curl': {
    self: ballCurl,
    'bridge-with-heels-on-the-ball': ballBridge,
    'standing-heel-curl-with-a-hold': heelCurl([reach(26, 60)], { scenery: [chairBefore] }),
  },
  'slider-lunge': {
    self: but(reverseLunge, { scenery: [{ kind: 'sliders', x: 0 }], swaps: false }),
    'toe-tap-behind': tapBack,
    'sit-to-stand-from-a-chair': fromChair(toChair([arms.hang, arms.front])),
  },
  'half-ball-step': {
    self: side(
      [on('nearFoot', 'halfBall')],
      [
        pose([-16, 51], 6, arms.runOther, flat(-1, 11), flat(-30)),
        pose([0, 62.5], 2, arms.run, flat(-1, 11), free(46, -20)),
        pose([13, 51], 4, arms.runOther, { limb: reach(9.5, 13.2), foot: 60 }, flat(28)),
      ],
      { scenery: [{ kind: 'halfBall', x: 4, wide: 38 }], shows: 1, main: 'hip' },
    ),
    'side-steps-on-the-floor': sideStep(0.4, { swaps: true }),
    'half-ball-squat-hold': side(pairOn('Foot', 'halfBall'), [squat(0.7, arms.front, { up: 11 })], {
      scenery: [{ kind: 'halfBall', x: 4, wide: 42 }],
    }),
  },
  'wall-sit': {
    self: wallSit(1),
    'high-wall-lean': wallSit(0.2),
    'wall-sit-heels-lifted-in-turn': but(wallSit(1), {
      stays: [{ part: 'farFoot', on: 'floor' }],
      poses: [wallSit(1).poses[0]!, pose([3, 28.6], 0, both(14, 40), { limb: reach(37.5, 2.2), foot: 42 }, flat(27))],
      swaps: true,
      main: 'foot',
    }),
  },
  'calf-raise': {
    self: side(feet, [stand(arms.hips), tiptoe(arms.hips)], { main: 'hip', lowers: false }),
    'seated-heel-raise': side(seat, [sit(both(8, 60)), sit(both(8, 60), { near: { limb: reach(33.5, 2.2), foot: 40 } })], {
      scenery: [chair],
      main: 'foot',
      lowers: false,
    }),
    'calf-raise-on-one-leg': side(
      [on('farFoot', 'floor')],
      [onFar(free(6, -62), arms.hips), pose([2, 58.6], 0, arms.hips, free(6, -62), { limb: reach(9.5, 2.2), foot: 38 })],
      { main: 'hip', lowers: false },
    ),
  },
  'sit-to-stand': {
    self: fromChair(toChair([arms.hang, arms.front])),
    'sit-to-stand-with-hands': fromChair(toChair([arms.hang, both(-6, 10)])),
    'sit-to-stand-with-a-bell': fromChair(toChair([arms.goblet], { held: bell })),
  },
  'band-side-step': {
    self: sideStep(1, bandAt()),
    'side-step-without-a-band': sideStep(0.5),
    'band-round-the-ankles': sideStep(1, bandAt(1)),
  },
  'band-clam': {
    self: but(clam, { scenery: [mat(0), { kind: 'band', x: 0 }] }),
    'standing-knee-opener': fixFar(kneeOpener),
    'clam-without-a-band': clam,
  },
  'jump-squat': {
    self: jumpSquat,
    'squat-and-rise-to-the-toes': side(feet, [squat(0.9, arms.back), tiptoe(arms.front)], { main: 'hip', lowers: false }),
    'half-squat-arms-swing': side(feet, [squat(0.5, arms.back), stand(arms.front)], { main: 'hand', lowers: false }),
    'jump-squat-quarter-turn': facing(
      [],
      [front(both(20, -30), 10, { hip: [0, 34] }), front(frontArms.v, 8, { hip: [0, 66], legs: [freeFront(8, 4), freeFront(8, 4)] })],
      { main: 'hip', lowers: false },
    ),
  },
  'squat-and-press': {
    self: side(feet, [squat(1, arms.rack), stand(arms.up)], { held: bells, main: 'hand', lowers: false }),
    'squat-and-curl': side(feet, [squat(0.8, both(0, 4)), stand(both(6, 150))], { held: bells, main: 'hand', lowers: false }),
    'half-squat-and-punch-forward': side(feet, [squat(0.5, arms.elbows), stand([turn(86, 90), turn(-40, 60)])], {
      main: 'hand',
      swaps: true,
    }),
  },
  'sumo-squat': {
    self: wideSquat(1),
    'sumo-squat-half-way': wideSquat(0.5, frontArms.hips),
    'sumo-squat-with-heel-raise': but(wideSquat(1), {
      poses: [
        front(frontArms.chest, 20, { hip: [0, 30], legs: sides(20, 20).map((limb) => ({ ...limb, bend: 38 })) as never }),
        front(frontArms.chest, 20, { hip: [0, 35.5], legs: sides(20, 20).map((limb) => ({ ...limb, bend: 38 })) as never, feet: [20] }),
      ],
      main: 'hip',
    }),
  },
  'one-and-a-half-squat': {
    self: side(feet, [stand(arms.front), squat(1), squat(0.5), squat(1)], { shows: 1, course: 'round', lowers: true }),
    'half-squat-twice-down': side(feet, [stand(arms.front), squat(0.6), squat(0.3), squat(0.6)], {
      shows: 1,
      course: 'round',
      lowers: true,
    }),
  },
  'tempo-squat': { self: squats([arms.crossed]), 'tempo-squat-half-way': squats([arms.crossed], 0.5) },
  'overhead-squat': {
    self: squats([both(176, 178), both(166, 168)]),
    'squat-arms-in-front': airSquat,
    'half-squat-hands-on-the-hips': halfSquat,
  },
  'duck-walk': {
    self: side(
      [on('nearFoot', 'floor')],
      [pose([0, 32], 14, arms.ribs, flat(7), toes(-12, 30)), pose([8, 32], 14, arms.ribs, toes(17.5, 58), flat(24))],
      { main: 'hip' },
    ),
    'low-walk-knees-soft': side(
      [on('nearFoot', 'floor')],
      [pose([0, 46], 12, arms.run, flat(6), toes(-16, 30)), pose([14, 46], 12, arms.runOther, flat(6), flat(24))],
      { main: 'hip' },
    ),
  },
  'forward-lunge': { self: forwardLunge, 'forward-step-and-soft-knee': stepForward, 'forward-lunge-with-weights': weighted(forwardLunge) },
  'walking-lunge': {
    self: side([on('nearFoot', 'floor')], [lunge(1, arms.hips), pose([19, 52.6], 0, arms.hips, flat(19), free(70, -24))], {
      shows: 0,
      main: 'none',
      swaps: true,
    }),
    'long-slow-steps': side(
      [on('nearFoot', 'floor')],
      [pose([-4, 48], 2, arms.run, flat(10), toes(-20, 30)), pose([9, 52.4], 0, arms.runOther, flat(10), free(34, -30))],
      { shows: 0, main: 'none', swaps: true },
    ),
    'walking-lunge-with-weights': weighted(
      side([on('nearFoot', 'floor')], [lunge(1), pose([19, 52.6], 0, arms.hang, flat(19), free(70, -24))], {
        shows: 0,
        main: 'none',
        swaps: true,
      }),
    ),
  },
  'curtsy-lunge': {
    self: curtsy,
    'curtsy-tap': but(curtsy, {
      poses: [
        front(frontArms.hips, 8),
        front(frontArms.hips, 8, { hip: [3, 50], legs: [wide(8), turn(-14, -34, [10, -30])], feet: [70, -10] }),
      ],
    }),
  },
  'step-through-lunge': {
    self: side(
      [on('nearFoot', 'floor')],
      [
        lunge(1, arms.ribs),
        pose([19, 52.6], 0, arms.ribs, flat(19), free(36, -22)),
        pose([29, 29], 3, arms.ribs, toes(29.5, 36), flat(50)),
      ],
      { shows: 2, main: 'hip' },
    ),
    'step-forward-and-back': side(
      [on('nearFoot', 'floor')],
      [
        pose([6, 50.5], 0, arms.ribs, flat(9), toes(-9, 44)),
        pose([9, 52.6], 0, arms.ribs, flat(9), free(36, -22)),
        pose([18, 50.2], 0, arms.ribs, { limb: reach(19.5, 2.2), foot: 52 }, flat(28)),
      ],
      { shows: 2, main: 'hip' },
    ),
  },
  'lunge-with-curl': {
    self: but(reverseLunge, { held: bells, poses: [pose([14, 52.6], 0, both(2, 6), flat(19)), lunge(1, both(6, 150))] }),
    'standing-curl-light': side(feet, [stand(both(2, 6)), stand(both(6, 150))], { held: bells, main: 'hand', lowers: false }),
    'step-back-and-curl-without-weights': side(
      [on('nearFoot', 'floor')],
      [stand(both(2, 6)), pose([-3, 50.5], 2, both(6, 150), flat(-1), toes(-22, 34))],
      { main: 'hand' },
    ),
  },
  'lunge-with-row': {
    self: side(feet, [lunge(0.55, both(0, 2), { trunk: 42 }), lunge(0.55, arms.elbows, { trunk: 42 })], {
      held: bells,
      main: 'hand',
      lowers: false,
    }),
    'standing-row-light': side(feet, [hinge(0.6, both(0, 2)), hinge(0.6, both(-62, 24))], { held: bells, main: 'hand', lowers: false }),
    'step-back-and-row-without-weights': side(
      [on('nearFoot', 'floor')],
      [stand(arms.front), pose([-3, 50.5], 4, arms.elbows, flat(-1), toes(-22, 34))],
      { main: 'hand' },
    ),
  },
  'clam-bridge': { self: clamBridge, 'clam-on-the-back': clamBack, 'standing-knee-openers': fixFar(but(kneeOpener, { swaps: true })) },
}
