import type { Figure, Pose } from '../../../src/core/figure/figure'
import {
  arms,
  at,
  type Arms,
  ball,
  both,
  but,
  chair,
  elbows,
  facing,
  feet,
  flat,
  forearmArms,
  forearmPlank,
  fours,
  foursHands,
  free,
  front,
  frontArms,
  halfKneel,
  hands,
  handsAndFeet,
  hinge,
  joined,
  kneeling,
  kneePlank,
  kneePlankHands,
  knees,
  leaning,
  lunge,
  mat,
  on,
  onElbows,
  onElbowsAndKnees,
  onFar,
  onKnees,
  onToes,
  pairOn,
  plank,
  plankHands,
  pose,
  prone,
  reach,
  seat,
  side,
  sit,
  sitFloor,
  squat,
  stand,
  supine,
  tiptoe,
  toes,
  turn,
} from './poses'
import type { FigureSet } from './set'
import { hipSway, reachAndFold } from './upright'

const longMat = mat(40, 108)
const kneeMat = mat(14, 100)
const backMat = mat(4, 108)
const wall = (x: number) => ({ scenery: [{ kind: 'wall' as const, x }] })
const mirrored = { mirrored: true } as const

// Standing ways of doing it.
const kneeToHand = side([on('farFoot', 'floor')], [stand(both(160, 168)), onFar(free(92, 6), [turn(40, 80), turn(60, 76)])], {
  swaps: true,
  main: 'knee',
  lowers: false,
})
const elbowToKnee = side([on('farFoot', 'floor')], [stand(both(112, 250)), onFar(free(104, 14), [turn(96, 232), turn(64, 196)], 24)], {
  swaps: true,
  main: 'knee',
  lowers: false,
})
const standingCrunch = side(feet, [stand(both(112, 250)), pose([-3, 51], 34, both(72, 214), flat(-1), undefined, 20)], {
  main: 'head',
  lowers: true,
})
const braceAtWall = side(feet, [pose([-1, 50.6], -2, both(4, 10), flat(4))], wall(-9))
const braceHeelToe = side(feet, [pose([0, 52], 0, arms.hips, flat(8), flat(-8))], {})
const goodMorning = side(feet, [stand(arms.hips), hinge(1, arms.hips)], { main: 'head', lowers: true })
const toeReach = side([on('farFoot', 'floor')], [stand(arms.up), onFar(free(72, 66), both(70, 74), 14)], {
  main: 'foot',
  swaps: true,
  lowers: false,
})
const braceAndBow = side(feet, [stand(both(112, 250)), pose([-9, 49.5], 62, both(60, 196), flat(-1), undefined, 6)], {
  main: 'head',
  lowers: true,
})
const wallPlank = (lean: number, armPair: Arms = both(62, 168), more: Partial<Figure> = {}): Figure =>
  side(feet, [leaning(lean, armPair)], { ...wall(49), ...more })
const handsAtWall = (lean = 20): Pose => leaning(lean, at(56.6, 72))
const wallHands = (second: (first: Pose) => Pose, more: Partial<Figure> = {}): Figure => {
  const first = handsAtWall()
  return side([on('farHand', 'wall'), ...feet], [first, second(first)], { ...wall(59), swaps: true, main: 'hand', lowers: false, ...more })
}
const wallStep = (more: Partial<Figure> = {}): Figure =>
  side(pairOn('Hand', 'wall'), [handsAtWall(), { ...handsAtWall(), legs: [free(48, -40).limb, flat(-1).limb], feet: [44, 81] }], {
    ...wall(59),
    swaps: true,
    main: 'knee',
    lowers: false,
    ...more,
  })

// On the back.
const deadBug = side(
  [['back', 'floor']],
  [supine(both(180, 182), free(180, 90, 172)), supine([turn(180, 182), turn(268, 268)], free(99, 97, 176), free(180, 90, 172))],
  { scenery: [backMat], ...mirrored, main: 'foot', swaps: true, lowers: true },
)
const heelTap = side(
  [['back', 'floor']],
  [supine(both(90, 90), free(176, 88, 168)), supine(both(90, 90), { limb: reach(30, 3.6), foot: 90 }, free(176, 88, 168))],
  { scenery: [backMat], ...mirrored, main: 'foot', swaps: true, lowers: true },
)
const hollow = (armWay: number, more: Partial<Figure> = {}): Pose[] =>
  [supine(both(armWay, armWay), free(108, 108, 150), undefined, { trunk: -74, head: 12, hip: [0, 4.2] })].map((each) => ({
    ...each,
    ...more,
  })) as Pose[]
const tuck = supine(both(96, 96), free(186, 74, 140), undefined, { trunk: -70, head: 16, hip: [0, 4.2] })
const rock = (from: Pose): Figure => side([], [tilted(from, 6), tilted(from, -8)], { scenery: [backMat], ...mirrored, main: 'none' })
/** Turned as a whole: a body that rocks on its rounded back. */
function tilted(each: Pose, by: number): Pose {
  const turned = (limb: Pose['arms'][0]) =>
    'turn' in limb ? { ...limb, turn: [limb.turn[0] + by, limb.turn[1] + by] as [number, number] } : limb
  return {
    ...each,
    hip: [each.hip[0], each.hip[1] + Math.abs(by) * 0.3],
    trunk: each.trunk - by,
    arms: each.arms.map(turned) as Pose['arms'],
    legs: each.legs.map(turned) as Pose['legs'],
    feet: (each.feet ?? [150]).map((way) => way + by) as NonNullable<Pose['feet']>,
  }
}
const curlUp = (armPair: Arms, by: number, legs = flat(24)): Pose => supine(armPair, legs, undefined, { trunk: -90 + by, head: 18 })
const crunch = side(feet, [curlUp(both(170, 262), 2), curlUp(both(150, 246), 26)], {
  scenery: [backMat],
  ...mirrored,
  main: 'head',
  lowers: false,
})
const crunchOver = side(feet, [curlUp(both(266, 268), 2), curlUp(both(244, 248), 26)], {
  scenery: [backMat],
  ...mirrored,
  main: 'hand',
  lowers: false,
})
const kneesToChest = side([['back', 'floor']], [supine(both(90, 90)), supine(both(90, 90), free(206, 60, 130))], {
  scenery: [backMat],
  ...mirrored,
  main: 'knee',
  lowers: false,
})
const bicycle = side(
  [],
  [
    curlUp(both(170, 262), 20, free(140, 100, 176)),
    supine([turn(132, 240), turn(170, 262)], free(118, 112, 186), free(200, 84, 150), { trunk: -66, head: 18 }),
  ],
  { scenery: [backMat], ...mirrored, main: 'knee', swaps: true, lowers: false },
)
const handToKnee = side(
  [],
  [supine(both(90, 90)), supine([turn(90, 90), turn(130, 134)], flat(22), free(186, 74, 150), { trunk: -84, head: 14 })],
  { scenery: [backMat], ...mirrored, main: 'knee', swaps: true, lowers: false },
)
const legLower = side([['back', 'floor']], [supine(both(90, 90), free(184, 184, 250)), supine(both(90, 90), free(106, 106, 176))], {
  scenery: [backMat],
  ...mirrored,
  main: 'foot',
  lowers: true,
})
const oneLegLower = side(
  [['back', 'floor']],
  [supine(both(90, 90), free(182, 92, 172)), supine(both(90, 90), free(122, 60, 140), free(182, 92, 172))],
  { scenery: [backMat], ...mirrored, main: 'foot', swaps: true, lowers: true },
)
const reverseCrunch = side(
  [['back', 'floor']],
  [
    supine(both(90, 90), free(182, 92, 172)),
    supine(both(90, 90), free(222, 118, 190), undefined, { trunk: -112, hip: [-2.1, 15.2], head: 26 }),
  ],
  { scenery: [backMat], ...mirrored, main: 'hip', lowers: false },
)
const hipTilt = side(
  [['back', 'floor'], ...feet],
  [supine(both(90, 90)), supine(both(90, 90), flat(22), undefined, { trunk: -100, hip: [-0.4, 9.4], head: 18 })],
  { scenery: [backMat], ...mirrored, main: 'hip', lowers: false },
)
const vUp = side(
  [],
  [
    supine(both(268, 268), free(93, 93, 160)),
    supine(both(136, 136), free(138, 138, 206), undefined, { trunk: -48, head: 8, hip: [0, 4.4] }),
  ],
  { scenery: [backMat], ...mirrored, main: 'hand', lowers: false },
)
const bentKneeReach = side(
  [],
  [supine(both(268, 268), free(128, 40, 110)), supine(both(110, 110), free(160, 84, 150), undefined, { trunk: -58, head: 10 })],
  { scenery: [backMat], ...mirrored, main: 'hand', lowers: false },
)
const sitUp = side(feet, [curlUp(both(170, 262), 0, flat(34)), sitFloor(8, both(64, 170), flat(34))], {
  scenery: [backMat],
  ...mirrored,
  main: 'head',
  lowers: false,
})
const halfRoll = side(feet, [sitFloor(4, arms.front, flat(28)), sitFloor(-42, arms.front, flat(28))], {
  scenery: [backMat],
  ...mirrored,
  main: 'head',
  lowers: true,
})
const straightSitUp = side(
  [],
  [supine(both(268, 268), free(91, 91, 170)), pose([0, 4.4], 40, both(78, 82), free(91, 91, 172), undefined, 14)],
  { scenery: [mat(8, 120)], ...mirrored, main: 'hand', lowers: false },
)
const flutter = side(
  [['back', 'floor']],
  [supine(both(90, 90), free(104, 102, 186), free(120, 118, 200)), supine(both(90, 90), free(120, 118, 200), free(104, 102, 186))],
  { scenery: [mat(8, 120)], ...mirrored, main: 'none' },
)
const flutterBent = side(
  [['back', 'floor'], on('farFoot', 'floor')],
  [supine(both(90, 90), free(104, 102, 186), flat(22)), supine(both(90, 90), free(128, 126, 204), flat(22))],
  { scenery: [mat(8, 120)], ...mirrored, main: 'foot', lowers: false },
)
const sideCrunch = side(
  [],
  [
    supine(both(170, 262), free(128, 40, 110)),
    supine([turn(130, 238), turn(90, 90)], free(140, 50, 120), undefined, { trunk: -66, head: 16 }),
  ],
  { scenery: [backMat], ...mirrored, main: 'head', lowers: false },
)
const swing = (far: boolean): Figure =>
  side(
    [on('farFoot', 'floor')],
    [onFar(free(-26, -60), arms.hips, 0, [0, 53.2]), onFar(free(far ? 62 : 34, far ? 58 : 30), arms.hips, 0, [0, 53.2])],
    {
      main: 'foot',
      lowers: false,
    },
  )

/** Sitting on the floor, seen from before: leaning back, the knees towards who looks on. */
const twist = (raised: boolean): Figure => {
  const legs: Pose['legs'] = [turn(134, 14, [54, raised ? 84 : 66])]
  const turned = (x: number): Pose => ({
    hip: [0, 5],
    trunk: x > 0 ? 4 : -4,
    bow: -34,
    arms: joined(x, raised ? 20 : 17, 30),
    legs,
    feet: [30],
  })
  return facing([], [turned(-24), turned(24)], { held: ball, scenery: [mat(0, 76)], main: 'hand', lowers: false })
}

// On the front.
const backRaise = side([], [prone(both(92, 130, [74, -52])), prone(both(92, 130, [74, -52]), free(-90, -90, -76), undefined, 70, 4)], {
  scenery: [mat(0, 130)],
  main: 'head',
  lowers: false,
})
const oppositeLow = side([], [prone(), prone([turn(104, 104), turn(90, 90)], free(-90, -90, -76), free(-104, -104, -90), 86, -6)], {
  scenery: [mat(0, 160)],
  main: 'hand',
  swaps: true,
  lowers: false,
})

// On hands and knees.
const fours2 = fours()
const birdDog = side(
  [on('nearHand', 'floor'), on('farKnee', 'floor')],
  [fours2, fours([reach(foursHands, 2.2), turn(98, 100)], free(-94, -90, -40), kneeling)],
  { scenery: [mat(6, 90)], swaps: true, main: 'foot', lowers: false },
)
const legOnly = side([...hands, on('farKnee', 'floor')], [fours2, fours(at(foursHands, 2.2), free(-94, -90, -40), kneeling)], {
  scenery: [mat(6, 90)],
  swaps: true,
  main: 'foot',
  lowers: false,
})
const bearFeet = toes(-28, 4)
const bear = (armPair: Arms = at(foursHands + 2, 2.2)): Pose => pose([-1, 29.5], 70, armPair, bearFeet, undefined, -12)
const bearTaps = side([on('farHand', 'floor'), ...feet], [bear(), bear([turn(20, 128), reach(foursHands + 2, 2.2)])], {
  scenery: [mat(2, 84)],
  swaps: true,
  main: 'hand',
  lowers: false,
})
const liftHand = side([on('farHand', 'floor'), ...knees], [fours2, fours([turn(44, 60), reach(foursHands, 2.2)])], {
  scenery: [mat(6, 90)],
  swaps: true,
  main: 'hand',
  lowers: false,
})

// Planks.
const holdPlank = side([...elbows, ...feet], [forearmPlank()], { scenery: [mat(42, 118)] })
const kneeForearm = side([...elbows, ...knees], [onKnees(18.5, forearmArms)], { scenery: [mat(20, 110)] })
const fixed = (x = plankHands) => reach(x, 2.2)
const handPlank = plank()
const tapArm = turn(14, 132)
const shoulderTaps = (low: 'toes' | 'knees'): Figure =>
  low === 'toes'
    ? side([on('farHand', 'floor'), ...feet], [handPlank, plank({ arms: [tapArm, fixed()] })], {
        scenery: [longMat],
        swaps: true,
        main: 'hand',
        lowers: false,
      })
    : side([on('farHand', 'floor'), ...knees], [kneePlank(), kneePlank([tapArm, fixed(kneePlankHands)])], {
        scenery: [kneeMat],
        swaps: true,
        main: 'hand',
        lowers: false,
      })
const planks = (low: 'toes' | 'knees', armPair: Arms, more: Partial<Figure> = {}): Figure =>
  low === 'toes'
    ? side([on('farHand', 'floor'), ...feet], [handPlank, plank({ arms: armPair })], {
        scenery: [longMat],
        swaps: true,
        main: 'hand',
        lowers: false,
        ...more,
      })
    : side([on('farHand', 'floor'), ...knees], [kneePlank(), kneePlank([armPair[0], fixed(kneePlankHands)])], {
        scenery: [kneeMat],
        swaps: true,
        main: 'hand',
        lowers: false,
        ...more,
      })
const reachOut: Arms = [turn(104, 106), fixed()]
const nearLifted: Arms = [turn(-4, 98), turn(0, 88)]
const upDown = (low: 'toes' | 'knees'): Figure =>
  low === 'toes'
    ? side(feet, [forearmPlank({ arms: nearLifted }), onToes(13, [reach(plankHands + 1, 2.2), turn(4, 93)], { head: -8 }), handPlank], {
        scenery: [longMat],
        main: 'head',
        lowers: false,
      })
    : side(knees, [onKnees(18.5, nearLifted), onKnees(31, [reach(kneePlankHands + 2, 2.2), turn(4, 94)]), kneePlank()], {
        scenery: [kneeMat],
        main: 'head',
        lowers: false,
      })
const wallUpDown = side(feet, [leaning(18, both(62, 168)), leaning(14, at(49.6, 74))], { ...wall(52), main: 'head', lowers: false })
const walkHands = (low: 'toes' | 'knees'): Figure =>
  low === 'toes'
    ? side([on('farHand', 'floor'), ...feet], [handPlank, plank({ arms: [turn(-8, 44), fixed()] })], {
        scenery: [longMat],
        swaps: true,
        main: 'none',
      })
    : side([on('farHand', 'floor'), ...knees], [kneePlank(), kneePlank([turn(-12, 40), fixed(kneePlankHands)])], {
        scenery: [kneeMat],
        swaps: true,
        main: 'none',
      })
const kneeIn = (more: OnKneeIn = {}): Figure => {
  const farFoot = toes(0, 4)
  return side(
    [...hands, on('farFoot', 'floor')],
    [handPlank, plank({ near: free(more.high ? 72 : 58, more.high ? -84 : -88, -36), far: farFoot })],
    { scenery: [longMat], swaps: true, main: 'knee', lowers: false, ...more.more },
  )
}
interface OnKneeIn {
  high?: boolean
  more?: Partial<Figure>
}
const kneeDrag = side([...hands, on('farKnee', 'floor')], [fours2, fours(at(foursHands, 2.2), free(58, -88, -40), kneeling)], {
  scenery: [mat(6, 90)],
  swaps: true,
  main: 'knee',
  lowers: false,
})
const hipDip = (low: 'toes' | 'knees'): Figure =>
  low === 'toes'
    ? side([...elbows, ...feet], [onElbows(72.4, 0, 4), onElbows(72.4, 0, 24)], { scenery: [mat(42, 118)], main: 'hip', lowers: true })
    : side([...elbows, ...knees], [onElbowsAndKnees(46.4, -4), onElbowsAndKnees(46.4, 12)], {
        scenery: [mat(20, 110)],
        main: 'hip',
        lowers: true,
      })
const reversePlank = side(hands, [pose([30, 27.2], -66, at(3.8, 2.2), { limb: reach(79.4, 13.1), foot: 144 }, undefined, -6)], {
  scenery: [mat(40, 110)],
  ...mirrored,
})
const table = side([...hands, ...feet], [pose([27, 27], -66, at(0.8, 2.2), flat(49), undefined, -6)], {
  scenery: [mat(28, 90)],
  ...mirrored,
})
const chestOpen = side(feet, [stand(both(-38, -26), { trunk: -6, head: -12 })], {})
const saw = side([], [forearmPlank(), onToes(5, both(24, 90), { toe: -9, head: -8 })], {
  scenery: [mat(40, 124), { kind: 'sliders', x: 0 }],
  main: 'head',
})
const plankRock = side([...elbows, ...feet], [onElbows(75.4, 0, 8), onElbows(75.4, 18, -32)], { scenery: [mat(42, 118)], main: 'head' })
const wallLean = side(feet, [leaning(8, both(70, 172)), leaning(18, both(62, 168))], { ...wall(49), main: 'head' })
const starSpread: Pose = { ...onToes(15, at(plankHands + 10, 2.2), { head: -8 }) }
const starPlank = side(handsAndFeet, [starSpread], { scenery: [mat(46, 124)] })

// Side planks, seen from before the body.
const sideHold = (top: Pose['arms'][0], more: Partial<Figure> = {}): Figure =>
  side([on('nearElbow', 'floor'), ...feet], [sideBody(top)], { scenery: [mat(42, 112)], ...more })
function sideBody(top: Pose['arms'][0]): Pose {
  return onToes(6.6, [turn(0, 88), top], { feet: 24, head: 2 })
}
const sideKnees = side([on('nearElbow', 'floor'), ...knees], [onKnees(19.5, [turn(0, 88), turn(-80, -62, [24, 24])])], {
  scenery: [mat(20, 100)],
})
const sideReach = side([on('nearElbow', 'floor'), ...feet], [sideBody(turn(176, 178, [21, 21])), sideBody(turn(-20, -50, [72, 76]))], {
  scenery: [mat(42, 112)],
  main: 'none',
  lowers: true,
})
const sideBend = (armPair: (side: boolean) => Arms, by = 16): Figure =>
  facing(feet, [front(armPair(false), 8), front(armPair(true), 8, { trunk: by, hip: [-2, 52] })], { main: 'head' })

// Climbers.
const climb = (cross: boolean, more: Partial<Figure> = {}): Figure => kneeIn({ more: { main: 'knee', ...more }, high: cross })
const slant = side(
  [...pairOn('Hand', 'bench'), on('farFoot', 'floor')],
  [onToes(36, at(plankHands - 18, 26.4)), onToes(36, at(plankHands - 18, 26.4), { near: free(108, -50, 10), far: toes(0, 4) })],
  { scenery: [{ kind: 'bench', x: plankHands - 6, wide: 40 }], swaps: true, main: 'knee', lowers: false },
)

const wheel = side(knees, [onKnees(62, at(44, 6), { trunk: 70 }), onKnees(32, at(78, 6), { trunk: 78 })], {
  held: ball,
  scenery: [kneeMat],
  main: 'hand',
  lowers: true,
})
const ballOut = side(knees, [onKnees(64, both(34, 80), { trunk: 40 }), onKnees(44, both(76, 92), { trunk: 52 })], {
  scenery: [kneeMat, { kind: 'ball', x: 62 }],
  main: 'hand',
  lowers: true,
})
const ballAtWall = side(feet, [leaning(8, both(80, 88)), leaning(16, both(78, 86))], {
  scenery: [
    { kind: 'wall', x: 88 },
    { kind: 'ball', x: 70, y: 76 },
  ],
  main: 'head',
})
const ballPlank = side([...feet], [onToes(20, both(-2, 84), { head: -4 }), onToes(20, both(14, 92), { head: -4 })], {
  scenery: [{ kind: 'ball', x: 80 }],
  main: 'hand',
})
const handsDownWall = side(feet, [leaning(16, at(55.6, 84)), leaning(28, at(55.6, 60))], { ...wall(59), main: 'hand', lowers: true })

const pressOutBand = { held: [{ kind: 'band' as const, in: 'hands' as const, to: [-4, 74] as [number, number] }] }
const chestHold = stand(both(10, 116))
const pressOut = side(feet, [chestHold, stand(both(84, 90))], { ...pressOutBand, main: 'hand', lowers: false })

const chop = (held: Figure['held'], low: Pose): Figure =>
  side(feet, [stand(both(142, 148), { trunk: -4 }), low], { ...(held && { held }), main: 'hand', lowers: true })
const sitChair = (more: Partial<Figure>, poses: Pose[], stays = seat): Figure => side(stays, poses, { scenery: [chair], ...more })

/** Both hands round before the body. */
const circle = (size: number): Pose[] =>
  [joined(0, 76 - 28 * size), joined(26 * size, 76), joined(0, 76 + 34 * size), joined(-26 * size, 76)].map((armPair) => front(armPair, 9))

export const floor: FigureSet = {
  'dead-bug': {
    self: deadBug,
    'heel-taps': heelTap,
    'standing-knee-to-hand': kneeToHand,
    'dead-bug-with-a-band': but(deadBug, { scenery: [backMat, { kind: 'band', x: 0, y: 1 }] }),
  },
  'bird-dog': {
    self: birdDog,
    'bird-dog-leg-only': legOnly,
    'standing-reach-hand-on-a-chair': side(
      [on('farFoot', 'floor')],
      [stand([turn(10, 14), reach(28, 58)]), onFar(free(-44, -46), [turn(84, 88), reach(30, 58)], 26)],
      { scenery: [{ kind: 'chair', x: 40, wide: 22 }], main: 'foot', lowers: false },
    ),
  },
  'side-plank': {
    self: sideHold(turn(178, 180, [21, 21])),
    'side-plank-on-knees': sideKnees,
    'side-plank-with-reach': sideReach,
    'standing-side-bend': sideBend((bent) => (bent ? [turn(6, 4), turn(12, 10)] : frontArms.sides)),
  },
  plank: {
    self: holdPlank,
    'plank-on-knees': kneeForearm,
    'plank-at-the-wall': wallPlank(16),
    'plank-with-shoulder-taps': shoulderTaps('toes'),
  },
  'hollow-hold': {
    self: side([], hollow(258), { scenery: [backMat], ...mirrored }),
    'tuck-hold': side([], [tuck], { scenery: [backMat], ...mirrored }),
    'standing-brace-back-to-the-wall': braceAtWall,
  },
  crunch: {
    self: crunch,
    'head-stays-down-knees-to-chest': kneesToChest,
    'standing-crunch': standingCrunch,
    'crunch-with-arms-overhead': crunchOver,
  },
  'cycling-crunch': { self: bicycle, 'knee-to-opposite-hand-feet-down': handToKnee, 'standing-elbow-to-knee': elbowToKnee },
  'seated-twist': {
    self: twist(false),
    'twist-sitting-on-a-chair': facing(
      seat,
      [
        front(frontArms.chest, 9, { hip: [0, 27.6], trunk: -4 }),
        front([turn(40, -100, [20, 40]), turn(0, -128, [20, 30])], 9, { hip: [0, 27.6], trunk: 4 }),
      ],
      { scenery: [{ ...chair, x: 0 }], main: 'none', swaps: true },
    ),
    'seated-twist-feet-off-the-floor': twist(true),
  },
  'leg-lower': {
    self: legLower,
    'one-leg-at-a-time-knees-bent': oneLegLower,
    'seated-knee-lift': sitChair({ main: 'knee', swaps: true, lowers: false }, [
      sit(both(-14, 10)),
      sit(both(-14, 10), { near: free(122, 24), far: flat(23) }),
    ]),
  },
  'reverse-crunch': {
    self: reverseCrunch,
    'hip-tilt': hipTilt,
    'standing-knee-lift-hands-on-a-chair': side([on('farFoot', 'floor')], [stand([reach(28, 60)]), onFar(free(100, 12), [reach(28, 60)])], {
      scenery: [{ kind: 'chair', x: 54, wide: 22 }],
      swaps: true,
      main: 'knee',
      lowers: false,
    }),
  },
  'back-raise': { self: backRaise, 'opposite-arm-and-leg-low': oppositeLow, 'standing-good-morning-hands-on-hips': goodMorning },
  'wheel-roll-out': { self: wheel, 'roll-out-on-the-ball': ballOut, 'walk-the-hands-down-the-wall': handsDownWall },
  'ball-roll-out': { self: ballOut, 'ball-push-at-the-wall': ballAtWall, 'ball-circles-in-a-plank': ballPlank },
  'band-press-out': {
    self: pressOut,
    'hold-at-the-chest': side(feet, [chestHold], pressOutBand),
    'press-out-half-kneeling': side(
      [on('nearFoot', 'floor'), on('farKnee', 'floor')],
      [halfKneel(both(10, 116)), halfKneel(both(84, 90))],
      { held: [{ kind: 'band', in: 'hands', to: [-4, 48] }], scenery: [mat(2, 76)], main: 'hand', lowers: false },
    ),
  },
  'standing-chop': {
    self: chop(ball, squat(0.55, both(22, 26))),
    'chop-with-clasped-hands': chop(undefined, squat(0.3, both(28, 32))),
    'chop-in-a-lunge': side(feet, [lunge(0.9, both(146, 150)), lunge(0.9, both(24, 28), { trunk: 16 })], {
      held: ball,
      main: 'hand',
      lowers: true,
    }),
  },
  'ball-slam': {
    self: side(
      feet,
      [{ ...tiptoe(arms.up), trunk: -2 }, squat(0.85, both(12, 14), { trunk: 52 })].map((each, index) =>
        index === 0 ? { ...each, hip: [0, 52.6] as [number, number], legs: [flat(-1).limb], feet: [81] as [number] } : each,
      ),
      { held: ball, main: 'hand', lowers: true },
    ),
    'ball-chop-to-the-knee': side(feet, [stand(both(120, 126)), squat(0.4, both(30, 36))], { held: ball, main: 'hand', lowers: true }),
    'slam-from-side-to-side': facing(feet, [front(joined(0, 112), 10), front(joined(19, 40), 10, { hip: [3, 40], trunk: 14 })], {
      held: ball,
      swaps: true,
      main: 'hand',
      lowers: true,
    }),
  },
  'suitcase-hold': {
    self: facing(feet, [front([turn(6, 3), turn(26, 14)], 7)], { held: [{ kind: 'kettlebell', in: 'near' }] }),
    'hold-a-light-weight': facing(feet, [front([turn(6, 3), turn(26, 14)], 7)], { held: [{ kind: 'dumbbell', in: 'near' }] }),
    'press-the-palm-into-a-chair-back': side(feet, [stand([turn(10, 50), turn(2, 8)])], { scenery: [{ kind: 'chair', x: 30, wide: 22 }] }),
  },
  'bear-hold': {
    self: side([...hands, ...feet], [bear()], { scenery: [mat(2, 84)] }),
    'knees-down-lift-one-hand': liftHand,
    'lean-on-the-forearms-at-the-wall': wallPlank(16),
    'bear-hold-with-shoulder-taps': bearTaps,
  },
  'star-plank': {
    self: starPlank,
    'star-plank-on-the-knees': side([...hands, ...knees], [onKnees(33, at(kneePlankHands + 8, 2.2))], { scenery: [kneeMat] }),
    'star-plank-at-the-wall': facing([], [front(both(128, 132), 22)], { scenery: [{ kind: 'wall', x: -60 }] }),
  },
  'plank-with-reach': {
    self: planks('toes', reachOut),
    'plank-with-reach-on-the-knees': planks('knees', reachOut),
    'plank-with-reach-at-the-wall': wallHands((first) => ({ ...first, arms: [turn(142, 146), first.arms[0]] })),
    'plank-with-arm-and-leg-reach': planks('toes', reachOut, {
      stays: [
        { part: 'farHand', on: 'floor' },
        { part: 'nearFoot', on: 'floor' },
      ],
      poses: [handPlank, plank({ arms: reachOut, near: toes(0, 4), far: free(-82, -82, -60) })],
    }),
  },
  'plank-shoulder-taps': {
    self: shoulderTaps('toes'),
    'plank-shoulder-taps-on-the-knees': shoulderTaps('knees'),
    'plank-shoulder-taps-at-the-wall': wallHands((first) => ({ ...first, arms: [tapArm, first.arms[0]] })),
  },
  'plank-up-downs': { self: upDown('toes'), 'plank-up-downs-on-the-knees': upDown('knees'), 'plank-up-downs-at-the-wall': wallUpDown },
  'plank-side-walk': {
    self: walkHands('toes'),
    'plank-side-walk-on-the-knees': walkHands('knees'),
    'plank-side-walk-at-the-wall': wallHands((first) => ({ ...first, arms: [turn(60, 124), first.arms[0]] }), { main: 'none' }),
  },
  'plank-knee-to-elbow': {
    self: kneeIn({ high: true }),
    'plank-knee-to-elbow-on-the-knees': kneeDrag,
    'plank-knee-to-elbow-at-the-wall': wallStep(),
  },
  'plank-hip-dips': { self: hipDip('toes'), 'hip-dips-on-the-knees': hipDip('knees'), 'standing-hip-sway': hipSway },
  'reverse-plank': { self: reversePlank, 'table-hold': table, 'stand-tall-hands-behind-chest-open': chestOpen },
  'cross-climber': {
    self: climb(true),
    'cross-climber-slow-on-a-slant': slant,
    'climber-on-sliders': climb(false, { scenery: [longMat, { kind: 'sliders', x: 0 }] }),
    'standing-knee-to-opposite-elbow': elbowToKnee,
  },
  'body-saw': { self: saw, 'plank-rock-forward-and-back': plankRock, 'wall-lean-and-return': wallLean },
  'v-up': { self: vUp, 'bent-knee-reach': bentKneeReach, 'standing-toe-reach': toeReach },
  'sit-up': { self: sitUp, 'half-roll-back-seated': halfRoll, 'standing-brace-and-bow': braceAndBow },
  'straight-leg-sit-up': { self: straightSitUp, 'bent-knee-curl-up': crunchOver, 'standing-reach-and-fold': reachAndFold },
  'side-crunch': {
    self: sideCrunch,
    'standing-side-crunch': sideBend((bent) => (bent ? [turn(60, 172), turn(8, 6)] : [turn(100, 190), turn(8, 6)]), 20),
  },
  'flutter-kick': { self: flutter, 'flutter-one-leg-bent': flutterBent, 'standing-leg-swings': swing(false) },
  'hollow-rock': { self: rock(hollow(258)[0]!), 'tuck-rock': rock(tuck), 'standing-brace-heel-to-toe': braceHeelToe },
  'airplane-hold': {
    self: side([on('farFoot', 'floor')], [onFar(free(-82, -82, -60), both(20, 24, [60, 62]), 82, [-2, 50.8])], {}),
    'airplane-with-toes-down': side(
      [on('nearFoot', 'floor')],
      [pose([-6, 50], 52, both(20, 24, [60, 62]), flat(-1), toes(-30, 30), -10)],
      {},
    ),
  },
  'ball-circles': {
    self: facing(feet, circle(1), { held: ball, course: 'round', shows: 1, main: 'none' }),
    'small-ball-circles-at-the-chest': facing(feet, circle(0.4), { held: ball, course: 'round', shows: 1, main: 'none' }),
    'arm-circles-hands-together': facing(feet, circle(1), { course: 'round', shows: 1, main: 'none' }),
  },
  'triangle-bend': {
    self: facing(feet, [front(both(90, 90), 24), front([turn(34, 30), turn(146, 148)], 24, { trunk: 62, hip: [-7, 46] })], {
      main: 'head',
      swaps: true,
    }),
    'side-reach-feet-close': sideBend((bent) => (bent ? [turn(4, 2), turn(150, 190)] : frontArms.sides), 22),
  },
}
