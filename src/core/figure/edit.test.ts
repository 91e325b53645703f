import { describe, expect, it } from 'vitest'
import { dragged, handleAt, handlesOf, isPossible, otherSide, withoutPose, withPose, withPoseAfter, withStay, type Handle } from './edit'
import type { Figure, Pose } from './figure'
import { figureTroubles } from './limits'
import { place } from './place'

const standing: Pose = { hip: [0, 52.6], trunk: 0, arms: [{ turn: [2, 8] }], legs: [{ at: [9.5, 2.2] }], feet: [81] }
const march: Pose = { ...standing, legs: [{ turn: [70, 2] }, { at: [9.5, 2.2] }], feet: [84, 81] }
const figure: Figure = { view: 'side', poses: [standing, march], stays: [{ part: 'farFoot', on: 'floor' }], swaps: true }

const at = (pose: Pose, handle: Handle) => handleAt(place(pose, 'side'), handle)
const drag = (pose: Pose, handle: Handle, x: number, y: number) => dragged(pose, 'side', handle, { x, y })

describe('a pose that is changed by hand', () => {
  it('has handles where it is free, and none on elbows and knees of what rests', () => {
    expect(handlesOf(standing)).toEqual(['hip', 'neck', 'head', 'elbow0', 'hand0', 'elbow1', 'hand1', 'ankle0', 'toes0', 'ankle1', 'toes1'])
    expect(handlesOf(march)).toContain('knee0')
    expect(handlesOf(march)).not.toContain('knee1')
  })

  it('squats where the hips are dragged down, with the feet where they were', () => {
    const low = drag(standing, 'hip', -14, 30)
    expect(low.hip).toEqual([-14, 30])
    expect(at(low, 'toes0')).toMatchObject({ x: expect.closeTo(9.5, 5), y: expect.closeTo(2.2, 5) })
    expect(at(low, 'knee0').x).toBeGreaterThan(at(low, 'ankle0').x)
  })

  it('leans from the hips, and nods from the neck', () => {
    expect(drag(standing, 'neck', 28.8, 52.6).trunk).toBeCloseTo(90, 1)
    expect(drag(standing, 'head', 8, 90).head).toBeGreaterThan(20)
  })

  it('bends an arm to where its hand is dragged, the elbow behind; the forearm turns with the elbow', () => {
    const raised = drag(standing, 'hand0', 20, 75)
    expect(at(raised, 'hand0')).toMatchObject({ x: expect.closeTo(20, 0), y: expect.closeTo(75, 0) })
    const turned = drag(standing, 'elbow0', 18.6, 81.4)
    expect((turned.arms[0] as { turn: number[] }).turn).toEqual([90, 96])
    // The far arm, alike until then, stays.
    expect(turned.arms[1]).toEqual({ turn: [2, 8] })
  })

  it('lifts a knee with its shank and foot, sets a foot elsewhere, and rises to the toes', () => {
    const higher = drag(march, 'knee0', 24, 60)
    expect(at(higher, 'knee0').y).toBeGreaterThan(at(march, 'knee0').y)
    expect(at(drag(march, 'ankle0', 30, 30), 'ankle0')).toMatchObject({ x: expect.closeTo(30, 0), y: expect.closeTo(30, 0) })
    expect(at(drag(march, 'toes0', 20, 20), 'knee0')).toEqual(at(march, 'knee0'))
    expect(drag(standing, 'toes1', 16, 2.2).legs[1]).toEqual({ at: [16, 2.2] })
    expect(drag({ ...standing, hip: [2, 55] }, 'ankle0', 4, 10).feet![0]).toBeLessThan(60)
  })

  it('goes as far as a body can, and no further', () => {
    // No arm is so long that hips on the floor's other side could be reached; the hips stop where the legs are straight.
    const high = drag(standing, 'hip', 0, 90)
    expect(high.hip[1]).toBeLessThan(56)
    expect(isPossible(high, 'side')).toBe(true)
    expect(isPossible(drag(march, 'knee0', -30, 60), 'side')).toBe(true)
    expect(isPossible(drag(standing, 'hand0', 2, -30), 'side')).toBe(true)
    expect(isPossible(drag(standing, 'neck', -10, 30), 'side')).toBe(true)
  })

  it('gets another pose after one, loses one, but never the last', () => {
    const three = withPoseAfter(figure, 1)
    expect(three.poses).toHaveLength(3)
    expect(three.poses[2]).toEqual(march)
    expect(withoutPose(three, 0).poses).toEqual([march, march])
    expect(withoutPose({ ...figure, poses: [march] }, 0).poses).toEqual([march])
    expect(withoutPose({ ...three, shows: 2 }, 0).shows).toBeUndefined()
    const six = [2, 3, 4, 5].reduce((known) => withPoseAfter(known, 0), figure)
    expect(withPoseAfter(six, 0).poses).toHaveLength(6)
    expect(withPose(figure, 0, march).poses[0]).toBe(march)
  })

  it('is done with the other side at a press', () => {
    const other = otherSide(figure)
    expect(other.poses[1]!.legs).toEqual([{ at: [9.5, 2.2] }, { turn: [70, 2] }])
    expect(other.stays).toEqual([{ part: 'nearFoot', on: 'floor' }])
    expect(figureTroubles(other)).toEqual(figureTroubles(figure))
  })

  it('keeps a hand or a foot where it is through all of it, or no longer', () => {
    const kept = withStay(figure, 'nearHand', 'floor')
    const hand = place(standing, 'side').arms[0].hand
    for (const pose of kept.poses) expect(pose.arms[0]).toEqual({ at: [Math.round(hand.x * 10) / 10, Math.round(hand.y * 10) / 10] })
    expect(withStay(kept, 'nearHand', undefined).stays).toEqual(figure.stays)
    expect(withStay(figure, 'back', 'floor').stays).toContainEqual({ part: 'back', on: 'floor' })
  })
})
