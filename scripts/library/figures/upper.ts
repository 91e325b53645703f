import type { Figure, Held, Pose } from '../../../src/core/figure/figure'
import {
  arms,
  at,
  type Arms,
  ball,
  bell,
  bells,
  both,
  bridge,
  but,
  chair,
  facing,
  feet,
  flat,
  forearmArms,
  free,
  front,
  frontArms,
  halfKneel,
  hands,
  handsAndFeet,
  hinge,
  kneelTall,
  joined,
  kneePlank,
  kneePlankHands,
  kneePushUpLow,
  knees,
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
  prone,
  pushUpLow,
  reach,
  seat,
  seatAndFeet,
  side,
  sit,
  stand,
  supine,
  turn,
} from './poses'
import type { FigureSet } from './set'
import { shoulderRolls, walking } from './upright'

/** On both feet, the arms alone move. */
const standing = (from: Arms, to: Arms, more: Partial<Figure> = {}): Figure =>
  side(feet, [stand(from), stand(to)], { main: 'hand', lowers: false, ...more })
const seen = (from: Arms, to: Arms, more: Partial<Figure> = {}): Figure =>
  facing(feet, [front(from, 7), front(to, 7)], { main: 'hand', lowers: false, ...more })
const split = (figure: Figure): Figure =>
  but(figure, { poses: figure.poses.map((each) => ({ ...lunge(-0.1, each.arms), trunk: each.trunk })) })

// Pulls.
const anchor = (x: number, y: number) => ({ kind: 'anchor' as const, x, y })
const bandTo = (x: number, y: number): Held[] => [{ kind: 'band', in: 'hands', to: [x, y] }]
const bandRow = standing(both(84, 90), arms.elbows, { held: bandTo(66, 72), scenery: [anchor(67, 72)] })
const elbowSqueeze = standing(both(30, 84), arms.elbows)
const bentRow = side(feet, [hinge(0.8, both(0, 2)), hinge(0.8, both(-72, 22))], { held: bells, main: 'hand', lowers: false })
const strapRow = (lean: number): Figure =>
  side(feet, [leaning(lean, both(100 - lean / 3, 102 - lean / 3)), leaning(lean + 15, both(-22, 104))], {
    held: [{ kind: 'strap', in: 'hands', to: [44, 124] }],
    scenery: [anchor(45, 120)],
    main: 'hand',
    lowers: false,
  })
const pullApart = (way: number): Figure =>
  facing(feet, [front(both(way - 70, way - 70, [58, 60]), 7), front(both(way, way), 7)], {
    held: [{ kind: 'band', in: 'hands' }],
    main: 'hand',
    lowers: false,
  })
const pullDown = side(knees, [kneelTall(both(150, 154)), kneelTall(both(14, 112))], {
  held: bandTo(34, 116),
  scenery: [anchor(35, 112), mat(-4, 60)],
  main: 'hand',
  lowers: true,
})
const pullToHips = standing(both(96, 98), both(-6, 2), { held: bandTo(56, 100), scenery: [anchor(57, 100)], lowers: true })

const hang = side(pairOn('Hand', 'bar'), [pose([0, 65], 0, at(1, 130.4), free(2, -6, 40))], { scenery: [{ kind: 'bar', x: 0 }] })
const hangKnees = side(
  pairOn('Hand', 'bar'),
  [pose([0, 65], 0, at(1, 130.4), free(2, -6, 40)), pose([-1, 65], 4, at(1, 130.4), free(88, 2))],
  { scenery: [{ kind: 'bar', x: 0 }], main: 'knee', lowers: false },
)

// Presses.
const floorPress = side([['back', 'floor'], ...feet], [supine(both(96, 182)), supine(both(178, 180))], {
  held: bells,
  scenery: [mat(2)],
  mirrored: true,
  main: 'hand',
  lowers: false,
})
const pushUp = side(handsAndFeet, [plank(), pushUpLow()], { scenery: [mat(40, 108)], main: 'head', lowers: true })
const kneePushUp = side([...hands, ...knees], [kneePlank(), kneePushUpLow()], { scenery: [mat(14, 100)], main: 'head', lowers: true })
const benchHand = plankHands - 8
const benchPushUp = side(
  [...feet, ...pairOn('Hand', 'bench')],
  [onToes(36, at(benchHand - 10, 26.4)), onToes(24, at(benchHand - 10, 26.4))],
  { scenery: [{ kind: 'bench', x: benchHand + 2, wide: 40 }], main: 'head', lowers: true },
)
const wallX = 56
const wallPush = (from: number, to: number, y: number, more: Partial<Figure> = {}): Figure =>
  side([...feet, ...pairOn('Hand', 'wall')], [leaning(from, at(wallX - 2.4, y)), leaning(to, at(wallX - 2.4, y))], {
    scenery: [{ kind: 'wall', x: wallX }],
    main: 'head',
    lowers: true,
    ...more,
  })
const wallPushUp = wallPush(14, 24, 72)
const forearmWall = (from: number, to: number): Figure =>
  side(feet, [leaning(from, both(62, 168)), leaning(to, both(62, 168))], { scenery: [{ kind: 'wall', x: 48 }], main: 'head', lowers: true })
const wallForearms = side(feet, [leaning(16, both(56, 164)), leaning(21, both(28, 156))], {
  scenery: [{ kind: 'wall', x: 49 }],
  main: 'head',
  lowers: true,
})

const strapPress = (from: number, to: number): Figure =>
  side(feet, [leaning(from, both(78, 80)), leaning(to, both(-20, 78))], {
    held: [{ kind: 'strap', in: 'hands', to: [-8, 120] }],
    scenery: [anchor(-9, 114)],
    main: 'head',
    lowers: true,
  })
const bandPress = standing(arms.elbows, both(86, 90), { held: [{ kind: 'band', in: 'hands', to: [-4, 76] }] })
const shoulderPress = standing(arms.rack, arms.up, { held: bells })
const frontRaise = (to: number) => standing(both(2, 6), both(to, to + 2), { held: bells })
const sideRaise = seen(frontArms.sides, both(88, 90), { held: bells })
// Seen from before, bowed.
const fly = (seated: boolean): Figure => {
  const bowed = (armPair: Arms): Pose =>
    seated ? { ...front(armPair, 9, { hip: [0, 27.6] }), bow: 62 } : { ...front(armPair, 8, { hip: [0, 46] }), bow: 58 }
  return facing(seated ? seatAndFeet : feet, [bowed(both(12, 2)), bowed(both(84, 88))], {
    held: bells,
    main: 'hand',
    lowers: false,
    ...(seated && { scenery: [{ ...chair, x: 0 }] }),
  })
}
const curl = standing(both(2, 6), both(6, 152), { held: bells })
const kickback = side(feet, [hinge(0.75, both(-62, 14)), hinge(0.75, both(-66, -70))], { held: bells, main: 'hand', lowers: false })
const benchDip = side(pairOn('Hand', 'bench'), [pose([0, 27], -4, at(-10, 26.4), flat(34)), pose([1, 16], 2, at(-10, 26.4), flat(34))], {
  scenery: [{ kind: 'bench', x: -22, wide: 28 }],
  main: 'hip',
  lowers: true,
})
const chairDip = (ankle: number): Figure =>
  side(pairOn('Hand', 'chair'), [pose([6, 27.5], -4, at(-4, 26.4), flat(ankle)), pose([6, 17], 2, at(-4, 26.4), flat(ankle))], {
    scenery: [{ kind: 'chair', x: -14 }],
    main: 'hip',
    lowers: true,
  })

const halo = facing(feet, [front(joined(0, 72), 8), front(joined(12, 94), 8), front(joined(0, 106), 8), front(joined(-12, 94), 8)], {
  held: bell,
  course: 'round',
  shows: 1,
  main: 'none',
})
const waist = facing(
  feet,
  [front([turn(14, -24, [10, 40]), turn(14, -24, [10, 40])], 8), front([turn(30, -10), turn(-6, -50, [10, 30])], 8)],
  { held: [{ kind: 'kettlebell', in: 'near' }], swaps: true, main: 'none' },
)
const tallMarch = (armPair: Arms, more: Partial<Figure> = {}): Figure =>
  side([on('farFoot', 'floor')], [stand(armPair), onFar(free(76, 2), armPair)], { swaps: true, main: 'knee', lowers: false, ...more })

const chestPass = side(feet, [pose([-4, 48], 8, both(10, 112), flat(-1)), stand(both(82, 90))], {
  held: ball,
  scenery: [{ kind: 'wall', x: 74 }],
  main: 'hand',
  lowers: false,
})
const punches = (low = 86) =>
  side(feet, [lunge(-0.25, [turn(30, 140), turn(30, 140)]), lunge(-0.25, [turn(30, 140), turn(low, low + 4)])], {
    main: 'hand',
    swaps: false,
    lowers: false,
  })
const slowPunches = but(punches(), {
  poses: [stand([turn(20, 130), turn(20, 130)]), stand([turn(86, 90), turn(20, 130)])],
  stays: feet.map(([part, surface]) => ({ part, on: surface })),
  swaps: true,
})

const pikeFoot = { limb: reach(5, 2.2), foot: 42 }
const pike = side(
  handsAndFeet,
  [pose([19, 54], 126, at(53, 2.2), pikeFoot, undefined, 20), pose([24, 50], 140, at(53, 2.2), pikeFoot, undefined, 24)],
  { scenery: [mat(28, 92)], main: 'head', lowers: true },
)
const pikeBench = side(
  [...feet, ...pairOn('Hand', 'bench')],
  [
    pose([12, 53], 84, at(46, 26.4), { limb: reach(5, 2.2), foot: 58 }, undefined, 4),
    pose([12, 53], 104, at(46, 26.4), { limb: reach(5, 2.2), foot: 58 }, undefined, 10),
  ],
  { scenery: [{ kind: 'bench', x: 58, wide: 40 }], main: 'head', lowers: true },
)
const wallSlide = side(feet, [leaning(4, both(64, 174)), leaning(6, both(140, 172))], {
  scenery: [{ kind: 'wall', x: 30 }],
  main: 'hand',
  lowers: false,
})

const closeArms = (x: number): Arms => at(x, 2.2)
const closePushUp = side(handsAndFeet, [onToes(18.6, closeArms(plankHands - 5)), pushUpLow({ arms: closeArms(plankHands - 5) })], {
  scenery: [mat(40, 108)],
  main: 'head',
  lowers: true,
})
const closeKnee = side([...hands, ...knees], [onKnees(40.5, closeArms(kneePlankHands - 5)), kneePushUpLow(closeArms(kneePlankHands - 5))], {
  scenery: [mat(14, 100)],
  main: 'head',
  lowers: true,
})
const sphinx = side(feet, [onToes(5.8, forearmArms, { head: -10 }), onToes(14, at(88, 2.2), { head: -10 })], {
  scenery: [mat(46, 112)],
  main: 'head',
  lowers: false,
})
const sphinxKnees = side(knees, [onKnees(24, both(10, 88)), onKnees(40, at(50, 2.2))], {
  scenery: [mat(14, 104)],
  main: 'head',
  lowers: false,
})
const pronePress = (lift: number): Figure =>
  side(
    [],
    [prone(both(94, 94, [72, -12]), undefined, undefined, 88 - lift, -10), prone(both(94, 92), undefined, undefined, 88 - lift, -10)],
    { scenery: [mat(0, 150)], main: 'hand', lowers: false },
  )
const circleOver = (high: boolean, more: Partial<Figure> = {}): Figure =>
  facing(
    feet,
    (high ? [joined(22, 62), joined(0, 113), joined(-22, 62)] : [joined(20, 62), joined(0, 78), joined(-20, 62)]).map((armPair) =>
      front(armPair, 9),
    ),
    { held: ball, main: 'none', shows: 1, ...more },
  )
const overhead = standing(both(172, 300), both(172, 178), { held: bells })
const pushDown = standing(both(4, 130), both(2, 4), { lowers: true })
const upright = seen(both(10, 4), both(74, -52), { held: bells })
const plankRow = side(
  [on('farHand', 'floor'), ...feet],
  [plank({ arms: [reach(plankHands, 2.2)] }), plank({ arms: [turn(-74, -4), reach(plankHands, 2.2)] })],
  { held: bells, scenery: [mat(40, 108)], main: 'hand', swaps: true, lowers: false },
)
const kneeRow = side(
  [on('farHand', 'floor'), ...knees],
  [kneePlank(), { ...kneePlank(), arms: [turn(-68, 0), reach(kneePlankHands, 2.2)] }],
  { held: bells, scenery: [mat(14, 100)], main: 'hand', swaps: true, lowers: false },
)
const seatedRow = (knee: boolean): Figure =>
  side(seat, [sit(both(78, 84)), sit(arms.elbows, { trunk: -4, ...(knee && { near: free(116, 20) }) })], {
    scenery: [chair],
    main: 'hand',
    lowers: false,
  })
const wallRow = side(feet, [leaning(-9, both(-38, 44)), leaning(-2, both(-58, 30))], { scenery: [{ kind: 'wall', x: -24 }], main: 'head' })

export const upper: FigureSet = {
  'band-row': {
    self: bandRow,
    'seated-band-row-feet-as-anchor': but(seatedRow(false), {
      poses: [sit(both(66, 74), { near: flat(27) }), sit(arms.elbows, { near: flat(27), trunk: -4 })],
      held: bandTo(38, 3),
    }),
    'elbow-squeeze-without-a-band': elbowSqueeze,
    'band-row-in-split-stance': split(bandRow),
  },
  'bent-over-row': {
    self: bentRow,
    'row-with-a-hand-on-the-bench': side(
      [...feet, on('farHand', 'bench')],
      [hinge(1, [turn(0, 2), reach(34, 26.4)]), hinge(1, [turn(-72, 20), reach(34, 26.4)])],
      { held: [{ kind: 'dumbbell', in: 'near' }], scenery: [{ kind: 'bench', x: 40, wide: 34 }], main: 'hand', lowers: false },
    ),
    'prone-arm-squeeze-standing-bent-to-the-wall': side(feet, [hinge(0.7, both(84, 88)), hinge(0.7, both(-60, 30))], {
      scenery: [{ kind: 'wall', x: 58 }],
      main: 'hand',
      lowers: false,
    }),
  },
  'strap-row': {
    self: strapRow(-32),
    'strap-row-nearly-upright': strapRow(-18),
    'shoulder-blade-squeeze': standing(both(30, 84), arms.elbows),
    'strap-row-feet-far-forward': strapRow(-44),
  },
  'pull-apart': {
    self: pullApart(88),
    'pull-apart-at-hip-height': pullApart(46),
    'open-and-close-the-arms-palms-up': but(pullApart(88), { held: [] }),
  },
  'band-pull-down': { self: pullDown, 'standing-pull-to-the-hips': pullToHips },
  'bar-hang': {
    self: hang,
    'hang-with-the-feet-on-a-bench': side(
      [...pairOn('Hand', 'bar'), ...pairOn('Foot', 'bench')],
      [pose([-2, 65.4], 0, at(1, 130.4), flat(5, 24))],
      {
        scenery: [
          { kind: 'bar', x: 0 },
          { kind: 'bench', x: 12 },
        ],
      },
    ),
    'towel-pull-hands-apart': facing(feet, [front(both(150, 166), 7), front(both(126, 170), 7)], {
      held: [{ kind: 'towel', in: 'hands' }],
      main: 'none',
    }),
    'hang-knees-up-and-down': hangKnees,
  },
  'floor-press': {
    self: floorPress,
    'push-up-against-the-wall': wallPushUp,
    'floor-press-in-a-bridge': but(floorPress, { poses: [bridge(15, both(96, 182)), bridge(15, both(178, 180))] }),
  },
  'push-up': {
    self: pushUp,
    'push-up-on-the-bench': benchPushUp,
    'push-up-on-the-knees': kneePushUp,
    'forearm-press-against-the-wall': wallForearms,
  },
  'wall-push-up': {
    self: wallPushUp,
    'wall-lean-on-the-forearms': forearmWall(16, 16.1),
    'wall-push-up-on-one-leg': but(wallPushUp, {
      stays: [{ part: 'farFoot', on: 'floor' }],
      poses: wallPushUp.poses.map((each, index) => ({ ...each, legs: [free(-20 - 5 * index, -62).limb, each.legs[0]], feet: [16, 81] })),
    }),
  },
  'strap-press': {
    self: strapPress(30, 38),
    'strap-press-nearly-upright': strapPress(14, 20),
    'forearm-lean-at-the-wall': forearmWall(16, 16.1),
  },
  'band-press': {
    self: bandPress,
    'band-press-one-arm-low': but(bandPress, {
      poses: [stand([turn(-48, 58), turn(2, 8)]), stand([turn(64, 68), turn(2, 8)])],
      held: [{ kind: 'band', in: 'near', to: [-4, 70] }],
    }),
    'band-press-in-split-stance': split(bandPress),
  },
  'shoulder-press': {
    self: shoulderPress,
    'front-raise-to-rib-height': frontRaise(62),
    'half-kneeling-press': side([on('nearFoot', 'floor'), on('farKnee', 'floor')], [halfKneel(arms.rack), halfKneel(arms.up)], {
      held: bells,
      scenery: [mat(2, 76)],
      main: 'hand',
      lowers: false,
    }),
  },
  'side-raise': { self: sideRaise, 'arms-lift-to-the-hip-line-no-weight': seen(frontArms.sides, both(46, 46)) },
  'reverse-fly': {
    self: fly(false),
    'reverse-fly-seated-chest-on-the-thighs': fly(true),
    'shoulder-blade-squeeze-standing-tall': elbowSqueeze,
  },
  'biceps-curl': { self: curl, 'curl-against-the-other-hand': standing([turn(2, 60), turn(14, 96)], [turn(6, 122), turn(22, 140)]) },
  'triceps-kickback': {
    self: kickback,
    'kickback-with-a-hand-on-a-chair': side(
      feet,
      [hinge(0.8, [turn(-64, 12), reach(33, 54)]), hinge(0.8, [turn(-68, -72), reach(33, 54)])],
      { held: [{ kind: 'dumbbell', in: 'near' }], scenery: [{ kind: 'chair', x: 42, wide: 22 }], main: 'hand', lowers: false },
    ),
    'bench-dip': benchDip,
  },
  'bell-halo': { self: halo, 'circle-the-bell-round-the-waist': waist, 'slow-shoulder-rolls': shoulderRolls },
  'farmer-carry': {
    self: walking(both(2, 3), { held: bells }),
    'tall-march-fists-at-the-sides': tallMarch(both(4, 10)),
    'one-sided-carry': walking([turn(2, 3), turn(-14, 12)], { held: [{ kind: 'kettlebell', in: 'near' }] }),
  },
  'chest-pass-to-the-wall': {
    self: chestPass,
    'push-the-ball-out-and-in': standing(both(10, 112), both(82, 90), { held: ball }),
    'slow-punches-forward': slowPunches,
  },
  'pike-press': { self: pike, 'pike-press-on-the-bench': pikeBench, 'wall-slide': wallSlide },
  'close-push-up': { self: closePushUp, 'close-push-up-on-the-knees': closeKnee, 'close-forearm-press-against-the-wall': wallForearms },
  'sphinx-push-up': { self: sphinx, 'sphinx-push-up-on-the-knees': sphinxKnees, 'forearm-slides-at-the-wall': wallSlide },
  'prone-press': {
    self: pronePress(10),
    'prone-press-chest-down': pronePress(1),
    'standing-press-back-against-the-wall': side(feet, [leaning(-4, both(60, 178)), leaning(-4, both(172, 176))], {
      scenery: [{ kind: 'wall', x: -14 }],
      main: 'hand',
      lowers: false,
    }),
  },
  'chair-dip': { self: chairDip(46), 'chair-dip-feet-close': chairDip(32), 'elbow-push-back-standing': standing(both(2, 8), arms.elbows) },
  'half-circle-press': {
    self: circleOver(true),
    'half-circle-before-the-chest': circleOver(false),
    'half-circle-with-empty-hands': circleOver(true, { held: [] }),
  },
  'triceps-extension': { self: overhead, 'triceps-kick-back-light': kickback, 'push-down-with-the-hands-together': pushDown },
  'hammer-curl': { self: curl, 'hammer-curl-without-weights': standing(both(2, 6), both(6, 152)) },
  'upright-row': {
    self: upright,
    'shoulder-blade-lift': but(shoulderRolls, { held: bells }),
    'elbow-lift-without-weights': but(upright, { held: [] }),
  },
  'renegade-row': { self: plankRow, 'renegade-row-on-the-knees': kneeRow, 'row-without-weights-bent-over': but(bentRow, { held: [] }) },
  'seated-row-and-knee-lift': { self: seatedRow(true), 'seated-row-feet-down': seatedRow(false) },
  'wall-row': { self: wallRow, 'elbow-squeeze-standing': elbowSqueeze },
}
