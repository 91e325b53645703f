import { describe, expect, it } from 'vitest'
import type { Use } from '../plan'
import { newUse, starterOf, withExercise } from './use'

const timed = { kind: 'intervals' } as const
const list = { kind: 'task' } as const
const lunge = { id: 'lunge', oneSided: true }
const squat = { id: 'squat', oneSided: false }

describe('an exercise put somewhere', () => {
  it('changes sides at the half of its interval where it has sides; in a list, when its reps are done', () => {
    expect(
      [newUse(lunge, timed, () => 'a'), newUse(lunge, list, () => 'a'), newUse(squat, timed, () => 'a')].map(({ sides }) => sides),
    ).toEqual(['half', 'none', 'none'])
  })

  it('in the place of another keeps the figures of the place, and nothing of the other', () => {
    const before: Use = {
      id: 'u',
      exerciseId: 'lunge',
      optionId: 'assisted',
      sides: 'byLap',
      reps: { count: 8, counted: 'eachSide' },
      load: { kilograms: 12 },
      tempo: { figures: [3, 1, 1, 0], from: 'top' },
      effort: 'hard',
      machine: 'level 5',
      note: 'slowly',
    }
    expect(withExercise(before, squat, timed)).toEqual({
      id: 'u',
      exerciseId: 'squat',
      sides: 'none',
      reps: { count: 8, counted: 'total' },
      tempo: { figures: [3, 1, 1, 0], from: 'top' },
      effort: 'hard',
      note: 'slowly',
    })
    expect(withExercise(before, { id: 'step-up', oneSided: true }, timed)).toMatchObject({ sides: 'half', reps: { counted: 'eachSide' } })
  })

  it('one that the hall does not have has no sides that anybody knows of', () => {
    expect(starterOf([lunge], 'lunge')).toBe(lunge)
    expect(starterOf([lunge], 'gone')).toEqual({ id: 'gone', oneSided: false })
  })
})
