import { describe, expect, it } from 'vitest'
import type { Task, Use } from '../plan/plan'
import { isLead, oneLine } from './lead'
import { listLines } from './list-lines'

const use = (exerciseId: string, more: Partial<Use> = {}): Use => ({
  id: exerciseId,
  exerciseId,
  sides: 'none',
  reps: { count: 9, counted: 'total' },
  ...more,
})
const list = (more: Partial<Task>): Task => ({ kind: 'task', goal: 'finish', openerCount: 0, rungRestSeconds: 0, ...more })
const uses = [use('squat'), use('lunge', { reps: { count: 9, counted: 'eachSide' } }), use('plank', { reps: undefined, seconds: 25 })]
const lines = (more: Partial<Task>) => listLines(list(more), uses, ({ exerciseId }) => exerciseId)

describe('a list as it is read out', () => {
  it('says the figures of a ladder once, and of each item only how it is counted', () => {
    expect(lines({ rungs: [9, 6, 3] })).toEqual(['9-6-3 of each:', 'squat', 'lunge each side', '0:25 plank'])
  })

  it('tells what is done once from what goes round', () => {
    expect(lines({ openerCount: 1 })).toEqual(['9 squat', 'then, round after round:', '9 lunge each side', '0:25 plank'])
    expect(lines({ openerCount: 1 }).map(isLead)).toEqual([false, true, false, false])
  })

  it('as one line', () => {
    expect(oneLine(lines({ openerCount: 1 }))).toBe('9 squat · then, round after round: 9 lunge each side · 0:25 plank')
    expect(oneLine([])).toBe('')
  })
})
