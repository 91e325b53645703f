import { describe, expect, it } from 'vitest'
import { shapes } from '../../../tests/fixtures/shapes'
import { Plan, Task, Use, type PlanInput } from '../plan/plan'
import { compileTimeline } from './compile'
import { finishSeconds, itemSeconds, ladderReps, movements, roundSeconds, roundsWithin } from './pace'

let counter = 0
const use = (more: Partial<Parameters<typeof Use.parse>[0] & object> = {}) => Use.parse({ id: `u${counter++}`, exerciseId: 'x', ...more })
const reps = (count: number, counted = 'total') => use({ reps: { count, counted } })
const task = (more: object = {}) => Task.parse({ kind: 'task', goal: 'finish', ...more })
const none = new Map()

describe('counting and pace, common practice', () => {
  it('reps are called four ways', () => {
    expect(['total', 'eachSide', 'thereAndBack', 'twoCountsOne'].map((counted) => movements(reps(10, counted)))).toEqual([10, 20, 10, 20])
  })

  it('five exercises of 20 reps take about four minutes, the way between included', () => {
    expect(finishSeconds(task(), [20, 20, 20, 20, 20].map((count) => reps(count)), none).typical).toBeCloseTo(240)
  })

  it('N: 50, 40, 30, 20, 10 take the trained 2:20 to 2:40', () => {
    const { low } = finishSeconds(task(), [50, 40, 30, 20, 10].map((count) => reps(count)), none)
    expect(low).toBeGreaterThanOrEqual(140)
    expect(low).toBeLessThanOrEqual(160)
  })

  it('J: 90 s on a machine before each of 20, 15, a 60 s hold, 20, 15 is about 12 minutes a round for a newcomer: one round in 15', () => {
    const machine = () => use({ seconds: 90 })
    const list = [machine(), reps(20), machine(), reps(15), machine(), use({ seconds: 60 }), machine(), reps(20), machine(), reps(15)]
    expect(roundSeconds(task(), list, none).high).toBe(720)
    expect(Math.floor(roundsWithin(900, task(), list, none)!.low)).toBe(1)
  })

  it('M: 10-8-6-4-2 of eight exercises is 240 reps, those of each leg counted twice; 15 s between rungs', () => {
    const ladder = task({ rungs: [10, 8, 6, 4, 2], rungRestSeconds: 15 })
    const list = Array.from({ length: 8 }, () => reps(1))
    expect(ladderReps(ladder, list)).toBe(240)
    expect(ladderReps(ladder, [reps(1, 'eachSide'), ...list.slice(1)])).toBe(270)
    expect(finishSeconds(ladder, list, none).low).toBe(240 + 60)
  })

  it('a tempo of lower 4, hold 2, raise 1 is 7 s a rep: 5 whole reps in 36 s, 4 in 30 s', () => {
    const slow = use({ reps: { count: 5 }, tempo: { figures: [4, 2, 1, 0] } })
    expect(itemSeconds(slow, none)).toEqual({ low: 35, typical: 35, high: 35 })
    expect([36, 30].map((seconds) => Math.floor(seconds / 7))).toEqual([5, 4])
  })

  it('burpees at 2.5 to 3.75 s: 12 to 18 in 45 s', () => {
    const paces = new Map([['burpee', { low: 2.5, typical: 3, high: 3.75 }]])
    const { low, high } = roundsWithin(45, task(), [use({ exerciseId: 'burpee', reps: { count: 1 } })], paces)!
    expect([low, high]).toEqual([12, 18])
  })

  it('a list without a length has no rounds', () => {
    expect(roundsWithin(60, task(), [use()], none)).toBeUndefined()
  })
})

describe('an open end in the timeline', () => {
  const compiled = (plan: PlanInput) => {
    const result = compileTimeline(Plan.parse(plan))
    if (!result.ok) throw new Error(result.problems[0]!.message)
    return result.value
  }

  it('carries low, typical and high; the total stands at typical', () => {
    const timeline = compiled(shapes.find((shape) => shape.id === 'K')!.plan)
    expect(timeline.range).toEqual({ low: 2280 + 100, typical: 2520, high: 2280 + 300 })
    expect(timeline.phases.at(-1)!.selfPaced!.open).toEqual({ low: 100, typical: 240, high: 300 })
    expect(timeline.phases[0]!.selfPaced).toEqual({})
  })

  it('never goes past its cap, and an exact plan has no range', () => {
    const capped: PlanInput = {
      id: 'p',
      name: 'P',
      slotSeconds: 600,
      parts: [{ id: 'a', pieces: [{ id: 'c', type: 'circuit', travel: 'together', laps: 1, stay: { kind: 'task', goal: 'finish', capSeconds: 200 }, stations: [{ id: 's', uses: [{ id: 'u', exerciseId: 'x', reps: { count: 100 } }] }] }] }],
    }
    expect(compiled(capped).range).toEqual({ low: 100, typical: 200, high: 200 })
    expect(compiled(shapes[0]!.plan).range).toBeUndefined()
  })
})
