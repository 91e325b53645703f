import type { Figure, Pose } from '../../../src/core/figure/figure'
import { arms, both, facing, feet, flat, free, front, frontArms, on, pose, side, stand, toes } from './poses'

/** Movements that stand in for many: what is done upright, where the floor is too far. */

export const shoulderRolls = facing(feet, [front(frontArms.sides, 7), front(both(24, 12), 7)], { main: 'none' })

export const hipSway = facing(feet, [front(frontArms.hips, 9, { hip: [-6, 51.5] }), front(frontArms.hips, 9, { hip: [6, 51.5] })], {
  main: 'hip',
})

export const reachAndFold = side(feet, [stand(arms.up), pose([-10, 50], 104, both(10, 6), flat(-1), undefined, 22)], {
  main: 'head',
  lowers: true,
})

export const gluteSqueeze = side(feet, [pose([-4, 51.5], 9, arms.hips, flat(-1)), pose([2, 52.4], -4, arms.hips, flat(-1))])

/** Walking, the near foot in front as it is drawn. */
export const walking = (armPair: Pose['arms'] = arms.run, more: Partial<Figure> = {}): Figure =>
  side(
    [on('nearFoot', 'floor')],
    [pose([0, 50.4], 2, armPair, flat(14), toes(-8, 40)), pose([12, 52.2], 2, armPair, flat(14), free(26, -32))],
    {
      main: 'none',
      shows: 0,
      swaps: true,
      ...more,
    },
  )
