import { describe, expect, it } from 'vitest'
import { formsOf } from '../../src/core/library/form'
import { exercisesUsed } from '../../src/core/plan/words/file'
import { demoGear } from '../demo/hall'
import { demoPlans } from '../demo/plans'
import { libraryExercises } from './exercises'

const kinds = new Map(demoGear.map((kind) => [kind.id, new Set(kind.sizes.map((size) => size.id))]))

describe('the exercises a hall begins with', () => {
  it('are eighty and more, under ids and names of their own', () => {
    expect(libraryExercises.length).toBeGreaterThanOrEqual(80)
    expect(new Set(libraryExercises.map((exercise) => exercise.id)).size).toBe(libraryExercises.length)
    expect(new Set(libraryExercises.map((exercise) => exercise.name)).size).toBe(libraryExercises.length)
  })

  it('leave nobody without an option: whatever an exercise asks for, an option spares it', () => {
    const without = libraryExercises.flatMap((exercise) =>
      exercise.asks
        .filter((strain) => exercise.options.every((option) => option.asks.includes(strain)))
        .map((strain) => `${exercise.id}: ${strain}`),
    )
    expect(without).toEqual([])
  })

  it('have an easier form or a substitute each, and tell set-up, form, fault and breathing', () => {
    for (const exercise of libraryExercises) {
      expect(
        exercise.options.some((option) => option.rung !== 'harder'),
        exercise.id,
      ).toBe(true)
      expect(
        [exercise.setUp, exercise.fault, exercise.breathing].every((text) => text.length > 0),
        exercise.id,
      ).toBe(true)
      expect(exercise.points.length, exercise.id).toBeGreaterThanOrEqual(2)
    }
  })

  it('name only gear and sizes that the demo hall has', () => {
    for (const form of libraryExercises.flatMap(formsOf)) {
      for (const need of form.gear) {
        expect([...kinds.keys()], form.name).toContain(need.kindId)
        for (const size of Object.values(need.sizeByLevel ?? {})) expect([...kinds.get(need.kindId)!], form.name).toContain(size)
      }
    }
  })

  it('are all that the demo’s plans use', () => {
    const known = new Set(libraryExercises.map((exercise) => exercise.id))
    for (const plan of demoPlans)
      expect(
        exercisesUsed(plan).filter((id) => !known.has(id)),
        plan.name,
      ).toEqual([])
  })

  it('say that a jump is a jump and that what is on the floor asks to get there', () => {
    for (const form of libraryExercises.flatMap(formsOf)) {
      if (form.asks.includes('jumps')) expect(form.impact, form.name).toBe('high')
      if (form.stance === 'lying' || form.stance === 'kneeling') expect(form.asks, form.name).toContain('floor')
    }
  })
})
