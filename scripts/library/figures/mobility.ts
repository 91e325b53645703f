import type { Figure, Pose } from '../../../src/core/figure/figure'
import {
  arms,
  type Arms,
  both,
  chair,
  facing,
  feet,
  flat,
  fours,
  foursHands,
  free,
  freeFront,
  front,
  frontArms,
  halfKneel,
  hands,
  kneeling,
  knees,
  mat,
  on,
  onFar,
  pose,
  reach,
  seat,
  seatAndFeet,
  side,
  sides,
  sit,
  stand,
  supine,
  toes,
  turn,
} from './poses'
import type { FigureSet } from './set'
import { hipSway, reachAndFold, shoulderRolls } from './upright'

const chairUnder = { scenery: [chair] }
const frontChair = { scenery: [{ ...chair, x: 0 }] }
const seated = (armPair: Arms, more = {}): Pose => front(armPair, 9, { hip: [0, 27.6], ...more })

const circles = facing(
  feet,
  [front(frontArms.sides, 7), front(both(90, 90), 7), front(both(172, 176), 7), front(both(90, 90, [40, 40]), 7)],
  { course: 'round', shows: 1, main: 'hand' },
)
const legCircle = facing(
  [on('farFoot', 'floor')],
  [
    front(frontArms.hips, 6),
    front(frontArms.hips, 6, { legs: [freeFront(20, -6, [60, -20]), sides(6, 6)[1]], feet: [40, 70] }),
    front(frontArms.hips, 6, { legs: [freeFront(66, -10, [20, -10]), sides(6, 6)[1]], feet: [20, 70] }),
  ],
  { course: 'round', main: 'knee' },
)
const wallHand: Arms = [turn(10, 14), reach(30, 76)]
const tap = (to: Arms, from: Arms = frontArms.hips): Figure =>
  facing([on('farFoot', 'floor')], [front(from, 6), front(to, [19, 6], { hip: [-1, 49.8] })], { swaps: true, main: 'foot' })
const turns = (armPair: [Arms, Arms], on_: Figure['stays'][0]['part'][] = []): Figure =>
  facing(on_.length ? seat : feet, on_.length ? [seated(armPair[0]), seated(armPair[1])] : [front(armPair[0], 9), front(armPair[1], 9)], {
    main: 'hand',
    ...(on_.length ? frontChair : {}),
  })
const armsRight: Arms = [turn(80, 86, [10, 10]), turn(-10, -80, [40, 30])]
const armsLeft: Arms = [turn(-10, -80, [40, 30]), turn(80, 86, [10, 10])]
const armsRightShort: Arms = [turn(70, -40, [10, 30]), turn(14, -90, [40, 40])]
const armsLeftShort: Arms = [turn(14, -90, [40, 40]), turn(70, -40, [10, 30])]
const hold = (each: Pose, more: Partial<Figure> = {}, stays: Parameters<typeof side>[0] = feet): Figure => side(stays, [each], more)
const sitHold = (each: Pose, more: Partial<Figure> = {}): Figure => side(seat, [each], { ...chairUnder, ...more })
const seatedLeg = (trunk: number, more = {}): Pose =>
  sit(both(40, 50), { trunk, near: { limb: reach(47, 12), foot: 150 }, far: flat(18), ...more })

/** One ankle on the other knee, seen from before. */
const ankleOnKnee = (bow: number): Figure =>
  facing(
    seat,
    [{ ...seated([turn(30, 10, [20, 30]), turn(24, 4, [20, 30])]), bow, legs: [turn(70, -84, [40, 8]), sides(9, 9)[1]], feet: [-40, 70] }],
    frontChair,
  )

export const mobility: FigureSet = {
  'arm-circles': { self: circles, 'shoulder-rolls': shoulderRolls },
  'reach-and-fold': {
    self: reachAndFold,
    'seated-reach': side(seatAndFeet, [sit(arms.up), sit(both(70, 74), { trunk: 34 })], { ...chairUnder, main: 'hand', lowers: true }),
  },
  'hip-circles': { self: legCircle, 'hip-sway-both-feet-down': hipSway },
  'leg-swing': {
    self: side([on('farFoot', 'floor')], [onFar(free(-30, -68), wallHand), onFar(free(62, 58), wallHand)], {
      scenery: [{ kind: 'wall', x: 33 }],
      main: 'foot',
      mirrored: false,
    }),
    'knee-lifts-holding-the-wall': side([on('farFoot', 'floor')], [stand(wallHand), onFar(free(86, 6), wallHand)], {
      scenery: [{ kind: 'wall', x: 40 }],
      main: 'knee',
      lowers: false,
    }),
  },
  'side-tap': {
    self: tap(frontArms.hips),
    'seated-side-tap': facing(seat, [seated(frontArms.hips), { ...seated(frontArms.hips), legs: [reach(34, 2.2), sides(9, 9)[1]] }], {
      ...frontChair,
      main: 'foot',
      swaps: true,
    }),
    'side-tap-with-arms-up': tap(frontArms.up, frontArms.sides),
  },
  'heel-dig-and-reach': {
    self: side(
      [on('farFoot', 'floor')],
      [stand(arms.ribs, { x: -4 }), pose([-5, 47], 0, arms.front, { limb: reach(22.5, 11), foot: 138 }, flat(-5))],
      { swaps: true, main: 'foot' },
    ),
    'seated-heel-dig': side(seat, [sit(arms.ribs), sit(arms.front, { near: { limb: reach(48.6, 11), foot: 140 }, far: flat(23) })], {
      ...chairUnder,
      swaps: true,
      main: 'foot',
    }),
  },
  'trunk-turns': { self: turns([armsLeft, armsRight]), 'seated-turn-hands-on-shoulders': turns([armsLeftShort, armsRightShort], ['seat']) },
  'cat-and-cow': {
    self: side(
      [...hands, ...knees],
      [
        fours([reach(foursHands, 2.2)], kneeling, kneeling, { trunk: 72, head: -46, hip: [-3, 27] }),
        fours([reach(foursHands, 2.2)], kneeling, kneeling, { trunk: 70, head: 48, hip: [2, 27.4] }),
      ].map((each) => ({ ...each, legs: [turn(each.hip[0] < 0 ? 7 : -4.6, -93)] })),
      { scenery: [mat(6, 90)], main: 'head' },
    ),
    'seated-cat-and-cow': side(seatAndFeet, [sit(both(26, 60), { trunk: -8, head: -30 }), sit(both(40, 66), { trunk: 16, head: 46 })], {
      ...chairUnder,
      main: 'head',
    }),
  },
  'thread-the-arm': {
    self: side(
      [on('farHand', 'floor'), ...knees],
      [
        fours([turn(174, 178, [22, 22]), reach(foursHands, 2.2)]),
        { ...fours([turn(-20, -64, [40, 44]), reach(foursHands, 2.2)]), trunk: 84 },
      ],
      { scenery: [mat(6, 90)], main: 'none', lowers: true },
    ),
    'seated-trunk-turn': turns([armsLeftShort, armsRightShort], ['seat']),
  },
  'ankle-rocks': {
    self: side(
      [on('nearFoot', 'floor')],
      [pose([2, 50], 4, [reach(37, 72)], flat(6), toes(-16, 34)), pose([10, 46], 8, [reach(37, 72)], flat(6), toes(-16, 30))],
      { scenery: [{ kind: 'wall', x: 40 }], main: 'knee' },
    ),
    'seated-ankle-circles': side(
      seat,
      [sit(arms.ribs, { near: free(92, 40, 100), far: flat(23) }), sit(arms.ribs, { near: free(92, 40, 150), far: flat(23) })],
      { ...chairUnder, main: 'none' },
    ),
  },
  'neck-turns': {
    self: facing(feet, [front(frontArms.sides, 7, { head: -16 }), front(frontArms.sides, 7, { head: 16 })], { main: 'head' }),
    'shoulder-rolls-eyes-ahead': shoulderRolls,
  },
  'calf-stretch': { self: hold(pose([6, 45], 14, arms.hips, flat(22), flat(-20))), 'seated-calf-stretch': sitHold(seatedLeg(0)) },
  'hamstring-stretch': {
    self: side([on('farFoot', 'floor')], [pose([-12, 42], 44, both(4, 10), { limb: reach(24.4, 12), foot: 142 }, flat(-6), -8)], {}),
    'seated-leg-stretch': sitHold(seatedLeg(32)),
  },
  'front-thigh-stretch': {
    self: side([on('farFoot', 'floor')], [pose([0, 52.6], 2, [turn(-34, -26), reach(32, 78)], free(-4, -146, -120), flat(-1))], {
      scenery: [{ kind: 'wall', x: 35 }],
    }),
    'long-step-tilt-the-hips-under': side(feet, [pose([2, 44.5], -4, [reach(35, 76)], flat(19), toes(-29, 12))], {
      scenery: [{ kind: 'wall', x: 38 }],
    }),
  },
  'glute-stretch': {
    self: side([['back', 'floor']], [supine(both(128, 136), free(196, 70, 130), free(92, 90, 172))], {
      scenery: [mat(8, 120)],
      mirrored: true,
    }),
    'seated-ankle-on-the-knee': ankleOnKnee(0),
  },
  'kneeling-hip-stretch': {
    self: side(
      [on('nearFoot', 'floor'), on('farKnee', 'floor')],
      [{ ...halfKneel(arms.hips, { hip: [9, 24.6], front: 32 }), legs: [reach(42.5, 2.2), turn(-30, -93)] }],
      { scenery: [mat(6, 100)] },
    ),
    'standing-hip-stretch-at-a-chair': side(feet, [pose([2, 44.5], -3, [reach(34, 56)], flat(19), toes(-29, 12))], {
      scenery: [{ kind: 'chair', x: 46, wide: 22 }],
    }),
  },
  'chest-stretch': { self: hold(stand(both(-44, -38), { trunk: -3 })), 'palms-open-arms-low': facing(feet, [front(both(46, 50), 7)], {}) },
  'upper-back-stretch': {
    self: hold(stand(both(82, 86), { trunk: 10, head: 34 })),
    'seated-self-hug': facing(seat, [seated(both(34, -78, [30, 40]))], frontChair),
  },
  'side-reach': {
    self: facing(
      feet,
      [front([turn(172, 176), turn(44, -46)], 9), front([turn(150, 196), turn(44, -46)], 9, { trunk: -24, hip: [3, 51.8] })],
      { main: 'none' },
    ),
    'side-slide-hand-down-the-leg': facing(
      feet,
      [front(frontArms.sides, 9), front([turn(20, 12), turn(-2, 10)], 9, { trunk: 22, hip: [-3, 51.8] })],
      { main: 'head' },
    ),
  },
  'resting-fold': {
    self: side([], [{ ...pose([-10, 17], 102, both(80, 88), kneeling, undefined, 6), legs: [turn(62, -90)], feet: [-80] }], {
      scenery: [mat(12, 116)],
    }),
    'seated-forward-rest': sitHold(sit(both(-30, 16), { trunk: 76, head: 14 })),
  },
  'figure-four-stretch': {
    self: side([['back', 'floor']], [supine(both(130, 136), free(176, 120, 190), free(182, 92, 172))], {
      scenery: [mat(4, 108)],
      mirrored: true,
    }),
    'seated-figure-four': ankleOnKnee(26),
  },
  'triceps-stretch': {
    self: facing(feet, [front([turn(164, -24, [0, -10]), turn(150, 236)], 7)], {}),
    'arm-across-the-chest': facing(feet, [front([turn(-60, -84, [40, 10]), turn(10, -150, [30, 40])], 7)], {}),
  },
  'roll-down': {
    self: side(feet, [stand(arms.hang), pose([-9, 49.8], 100, both(6, 2), flat(-1), undefined, 34)], { main: 'head', lowers: true }),
    'roll-down-hands-on-the-thighs': side(feet, [stand(both(10, 16)), pose([-8, 49.5], 60, both(-16, -8), flat(-1), undefined, 30)], {
      main: 'head',
      lowers: true,
    }),
    'seated-roll-down': side(seatAndFeet, [sit(both(8, 40)), sit(both(2, 8), { trunk: 62, head: 28 })], {
      ...chairUnder,
      main: 'head',
      lowers: true,
    }),
  },
  'down-dog': {
    self: side([...hands, ...feet], [pose([16, 49], 124, [reach(59.6, 2.2)], flat(-2), undefined, 6)], { scenery: [mat(26, 96)] }),
    'fold-with-hands-on-a-chair': side(feet, [pose([-9, 49.8], 84, [reach(54, 55)], flat(-1), undefined, -4)], {
      scenery: [{ kind: 'chair', x: 66, wide: 22 }],
    }),
  },
}
