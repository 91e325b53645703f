import { describe, expect, it } from 'vitest'
import { body } from './body'
import { poseBetween, swapped } from './between'
import { cycleOf, poseAt } from './cycle'
import { Figure, type Pose } from './figure'
import { framesOf } from './frames'
import { figureTroubles } from './limits'
import { place, type PlacedBody, type Point } from './place'
import { pictureOf, poseShapes, stillShapes } from './shapes'
import { figureWords } from './words'

const standing: Pose = { hip: [0, 52.6], trunk: 0, arms: [{ turn: [2, 8] }], legs: [{ at: [9.5, 2.2] }] }
const squatting: Pose = { hip: [-15, 27], trunk: 36, arms: [{ turn: [88, 90] }], legs: [{ at: [9.5, 2.2] }] }
const squat: Figure = {
  view: 'side',
  poses: [standing, squatting],
  lowers: true,
  stays: [
    { part: 'nearFoot', on: 'floor' },
    { part: 'farFoot', on: 'floor' },
  ],
}

const apart = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z)
const bonesOf = ({ hip, neck, arms, legs }: PlacedBody) => [
  ['trunk', apart(hip, neck)],
  ...arms.flatMap(({ shoulder, elbow, hand }) => [
    ['upperArm', apart(shoulder, elbow)],
    ['forearm', apart(elbow, hand)],
  ]),
  ...legs.flatMap(({ hip: joint, knee, ankle, toes }) => [
    ['thigh', apart(joint, knee)],
    ['shank', apart(knee, ankle)],
    ['foot', apart(ankle, toes)],
  ]),
]

describe('a body', () => {
  it('has the lengths of Drillis & Contini (1966, from memory): thigh 0.245, shank 0.246, upper arm 0.186 of the height', () => {
    expect([body.thigh, body.shank, body.upperArm]).toEqual([24.5, 24.6, 18.6])
    // Hips at 0.530, shoulders at 0.818 and the top of the head at the whole height, standing.
    const { hip, neck, head } = place(standing, 'side')
    expect(hip.y / 100).toBeCloseTo(0.53, 1)
    expect(neck.y / 100).toBeCloseTo(0.818, 1)
    expect(head.y + body.head).toBeCloseTo(100, 0)
  })

  it('keeps the length of every bone, in every view, reaching or turned, in the plane of the picture or out of it', () => {
    const turnedOut: Pose = { ...standing, arms: [{ turn: [80, 20], out: [50, -30] }], legs: [{ turn: [60, -20], out: [30, 10] }] }
    for (const view of ['side', 'front'] as const)
      for (const pose of [...framesOf({ ...squat, view }), turnedOut])
        for (const [bone, length] of bonesOf(place(pose, view))) expect(length, `${bone}`).toBeCloseTo(body[bone as keyof typeof body], 5)
  })

  it('reaches where it is told to, with knees forward and elbows back', () => {
    const { legs, arms } = place({ ...squatting, arms: [{ at: [20, 34] }] }, 'side')
    expect(legs[0].toes.x).toBeCloseTo(9.5, 6)
    expect(legs[0].knee.x).toBeGreaterThan(legs[0].ankle.x)
    expect(arms[0].hand.x).toBeCloseTo(20, 6)
    // Behind the line from shoulder to hand.
    const { shoulder, elbow, hand } = arms[0]
    expect((hand.x - shoulder.x) * (elbow.y - shoulder.y) - (hand.y - shoulder.y) * (elbow.x - shoulder.x)).toBeLessThan(0)
  })

  it('mirrors in front view: right and left are alike', () => {
    const { arms, legs } = place({ ...standing, arms: [{ turn: [60, 80] }], legs: [{ at: [12, 2.2] }, { at: [-12, 2.2] }] }, 'front')
    expect(arms[0].hand.x).toBeCloseTo(-arms[1].hand.x, 6)
    expect(legs[0].knee.x).toBeCloseTo(-legs[1].knee.x, 6)
  })
})

describe('a movement', () => {
  it('is sound: feet stay to a hundredth of the height, and nothing bends the wrong way', () => {
    expect(figureTroubles(squat)).toEqual([])
  })

  it('tells what no body can do, and what does not stay', () => {
    const broken = (change: Partial<Pose>, more: Partial<Figure> = {}) =>
      figureTroubles({ ...squat, poses: [standing, { ...squatting, ...change }], ...more }).join('; ')
    expect(broken({ arms: [{ turn: [90, 40] }] })).toMatch(/near elbow bends -50°/)
    expect(broken({ legs: [{ turn: [0, 60] }] })).toMatch(/far knee bends -60°/)
    expect(broken({ hip: [-15, 80] })).toMatch(/near leg too short by \d+\.\d/)
    expect(broken({ arms: [{ turn: [0, 0] }], hip: [-15, 6], trunk: 90, legs: [{ turn: [90, 90] }] })).toMatch(
      /near hand under the floor by /,
    )
    expect(broken({ legs: [{ at: [14, 2.2] }] })).toMatch(/near foot moves by 4.5/)
    expect(broken({}, { stays: [{ part: 'nearHand', on: 'bar' }] })).toMatch(/near hand has no bar/)
    expect(broken({}, { stays: [{ part: 'nearFoot', on: 'floor' }], scenery: [{ kind: 'bench', x: 0 }] })).toMatch(/in the bench by /)
  })

  it('goes between two poses by angle; what reaches goes on reaching', () => {
    const half = poseBetween(standing, { ...squatting, arms: [{ turn: [92, 98] }] }, 0.5, squat)
    expect(half.arms[0]).toEqual({ turn: [47, 53], out: [0, 0] })
    expect(half.legs[0]).toEqual({ at: [9.5, 2.2] })
    expect(poseBetween(standing, squatting, 0, squat)).toBe(standing)
    expect(poseBetween(standing, squatting, 1, squat)).toBe(squatting)
  })

  it('turns the short way from where a hand rests to where it swings free', () => {
    const on: Pose = { ...standing, arms: [{ at: [20, 60] }] }
    const free: Pose = { ...standing, arms: [{ turn: [100, 110], out: [30, 0] }] }
    const [first, last] = [place(on, 'side').arms[0].hand, place(free, 'side').arms[0].hand]
    const path = [0.25, 0.5, 0.75].map((share) => place(poseBetween(on, free, share, squat), 'side').arms[0].hand)
    for (const hand of path) expect(Math.max(apart(hand, first), apart(hand, last))).toBeLessThanOrEqual(apart(first, last) + 8)
  })

  it('changes sides: near and far, or left and right', () => {
    const step: Pose = { ...standing, legs: [{ turn: [80, 0] }, { at: [9.5, 2.2] }] }
    expect(swapped(step, 'side').legs).toEqual([{ at: [9.5, 2.2] }, { turn: [80, 0] }])
    const aside: Pose = { ...standing, hip: [6, 50], trunk: 10, legs: [{ at: [24, 2.2] }, { at: [-10, 2.2] }] }
    expect(swapped(aside, 'front')).toMatchObject({ hip: [-6, 50], trunk: -10, legs: [{ at: [10, 2.2] }, { at: [-24, 2.2] }] })
    expect(swapped(swapped(aside, 'front'), 'front')).toEqual({ ...aside, arms: [standing.arms[0], standing.arms[0]], head: 0 })
  })
})

describe('a movement in time', () => {
  it('takes as long as its rep, and ends where it began', () => {
    const cycle = cycleOf(squat, 4)
    expect(cycle.seconds).toBeCloseTo(4, 9)
    expect(cycle.slowed).toBe(false)
    expect(poseAt(cycle, 0)!.hip).toEqual(standing.hip)
    expect(poseAt(cycle, 1.8)!.hip).toEqual(squatting.hip)
    expect(poseAt(cycle, 4)!.hip).toEqual(poseAt(cycle, 0)!.hip)
    expect(poseAt(cycle, 9.8)!.hip[1]).toBeCloseTo(poseAt(cycle, 1.8)!.hip[1], 6)
  })

  it('runs between its poses at a tempo of four figures: lower 3, hold 1, raise 2, hold 0', () => {
    const cycle = cycleOf(squat, 4, [3, 1, 2, 0])
    expect(cycle.seconds).toBe(6)
    expect(poseAt(cycle, 3)!.hip).toEqual(squatting.hip)
    expect(poseAt(cycle, 3.9)!.hip).toEqual(squatting.hip)
    // What is raised towards the pose that is shown begins with the third figure.
    const press = cycleOf({ ...squat, lowers: false }, 4, [3, 1, 2, 0])
    expect(poseAt(press, 2)!.hip).toEqual(squatting.hip)
  })

  it('is shown slower where an eye could not follow, and says so', () => {
    const cycle = cycleOf(squat, 0.3)
    expect(cycle.slowed).toBe(true)
    expect(cycle.steps.filter(({ from, to }) => from !== to).length / cycle.seconds).toBeLessThanOrEqual(3.001)
  })

  it('does both sides in turn where it swaps, each a rep', () => {
    const swaps = cycleOf({ ...squat, swaps: true, poses: [standing, { ...squatting, arms: [{ turn: [90, 90] }, { turn: [0, 0] }] }] }, 2)
    expect(swaps.seconds).toBe(4)
    expect(poseAt(swaps, 2.9)!.arms[0]).toMatchObject({ turn: [0, 0] })
  })

  it('holds a single pose', () => {
    const hold = cycleOf({ ...squat, poses: [squatting] }, 4)
    expect(hold.steps).toEqual([])
    expect(poseAt(hold, 3)).toBeUndefined()
  })
})

describe('a picture', () => {
  it('shows the end in ink over its start, with one arrow, and as many shapes at every instant', () => {
    const looks = stillShapes(squat).map(({ look }) => look)
    expect(looks.filter((look) => look === 'arrow')).toHaveLength(1)
    expect(looks.indexOf('ghost')).toBeLessThan(looks.indexOf('ink'))
    const counts = new Set(framesOf(squat).map((pose) => poseShapes(squat, pose).length))
    expect(counts.size).toBe(1)
    expect(stillShapes({ ...squat, poses: [squatting] }).some(({ look }) => look === 'ghost' || look === 'arrow')).toBe(false)
  })

  it('has room for all of the movement', () => {
    const { left, right, top, bottom } = pictureOf(squat).extent
    expect(top).toBeGreaterThan(99)
    expect(bottom).toBeLessThanOrEqual(0)
    for (const pose of framesOf(squat)) {
      const { head, arms } = place(pose, 'side')
      expect(head.x - body.head).toBeGreaterThanOrEqual(left)
      expect(arms[0].hand.x).toBeLessThanOrEqual(right)
    }
  })

  it('is told in words by the form points', () => {
    expect(figureWords('Goblet squat', ['Chest proud', 'Heels down'])).toBe('Goblet squat: chest proud, heels down')
    expect(figureWords('Rest', [])).toBe('Rest')
  })

  it('is refused with no pose, with seven, and with angles that turn more than once', () => {
    const fields = (change: object) =>
      Figure.safeParse({ ...squat, ...change }).error?.issues.map(({ path, message }) => `${path.join('.')} ${message}`)
    expect(fields({})).toBeUndefined()
    expect(fields({ poses: [] })).toEqual(['poses needs a pose'])
    expect(fields({ poses: Array.from({ length: 7 }, () => standing) })).toEqual(['poses has at most 6 poses'])
    expect(fields({ poses: [{ ...standing, trunk: 400 }] })).toEqual(['poses.0.trunk must be at most 360°'])
    expect(fields({ view: 'top' })).toEqual(['view must be one of side, front'])
    expect(fields({ poses: [{ ...standing, legs: [] }] })).toEqual([
      'poses.0.legs must be a list of one for both sides, or of a near and a far one',
    ])
    expect(fields({ poses: [{ ...standing, hip: [1] }] })).toEqual(['poses.0.hip must be two numbers: across, and over the floor'])
    expect(fields({ stays: [{ part: 'nose', on: 'floor' }] })![0]).toMatch(/^stays\.0\.part must be one of nearFoot, /)
    expect(Figure.safeParse('plank').error!.issues[0]!.message).toBe('must be a figure: an object with view, poses and stays')
  })
})
