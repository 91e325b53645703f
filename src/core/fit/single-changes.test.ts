import { describe, expect, it } from 'vitest'
import { demoPlans } from '../../../scripts/demo/plans'
import { shapes } from '../../../tests/fixtures/shapes'
import { exercisesUsed, PlanFile, planFile } from '../plan/words/file'
import { Plan } from '../plan/plan'
import { read } from '../base/read'
import { compileTimeline } from '../timeline/compile'
import { singleChanges } from './single-changes'

const all = [...shapes.map((shape) => Plan.parse(shape.plan)), ...demoPlans]
const totalOf = (plan: Plan) => {
  const timeline = compileTimeline(plan)
  if (!timeline.ok) throw new Error(timeline.problems[0]!.message)
  return timeline.value.total
}

describe('numbers that need more than the slot', () => {
  it('for a class of any shape: each change alone fits, is sound, and tells its own total', () => {
    let shapesHelped = 0
    for (const plan of all) {
      const tight = { ...plan, slotSeconds: Math.max(60, Math.floor(totalOf(plan) * 0.9)) }
      const changes = singleChanges(tight)
      if (changes.length > 0) shapesHelped++
      for (const change of changes) {
        expect(read(Plan, change.plan).ok, change.what).toBe(true)
        expect(change.total, change.what).toBe(totalOf(change.plan))
        expect(change.total).toBeLessThanOrEqual(tight.slotSeconds)
      }
      expect(changes.map((change) => change.loss)).toEqual(changes.map((change) => change.loss).sort((a, b) => a - b))
    }
    expect(shapesHelped).toBeGreaterThan(all.length * 0.85)
  })

  it('what is only for if there is time goes first', () => {
    const plan = Plan.parse(shapes.find((shape) => shape.id === 'Q')!.plan)
    expect(singleChanges({ ...plan, slotSeconds: 180 })[0]).toMatchObject({ what: expect.stringMatching(/^Leave out/), total: 120 })
  })

  it('says nothing when it fits', () => {
    expect(singleChanges({ ...all[0]!, slotSeconds: 3600 })).toEqual([])
  })
})

describe('plan files', () => {
  it('out and in again is the identity, for every shape', () => {
    for (const plan of all) {
      const file = planFile(plan, [])
      const again = read(PlanFile, JSON.parse(JSON.stringify(file)))
      expect(again).toEqual({ ok: true, value: file })
      expect(exercisesUsed(plan)).toEqual(exercisesUsed(file.plan))
    }
  })
})
