import { describe, expect, it } from 'vitest'
import { shapes } from '../../../tests/fixtures/shapes'
import { Plan, Task, Use, type PlanInput } from '../plan/plan'
import { compileTimeline } from '../timeline/compile'
import {
  commonPaces,
  finishSeconds,
  itemSeconds,
  ladderReps,
  listPlaceAt,
  movements,
  roundSeconds,
  roundsWithin,
  whoseAmong,
  type Paces,
} from './pace'
import { repsWithin } from './tempo'

let counter = 0
const use = (more: object = {}) => Use.parse({ id: `u${counter++}`, exerciseId: 'x', ...more })
const reps = (count: number, counted = 'total') => use({ reps: { count, counted } })
const task = (more: object = {}) => Task.parse({ kind: 'task', goal: 'finish', ...more })
/** The common pace, and nobody tires: figures as they are counted on paper. */
const none: Paces = { ...commonPaces, slowingPercent: { low: 0, typical: 0, high: 0 } }

describe('counting and pace, common practice', () => {
  it('reps are called four ways', () => {
    expect(['total', 'eachSide', 'thereAndBack', 'twoCountsOne'].map((counted) => movements(reps(10, counted)))).toEqual([10, 20, 10, 20])
  })

  it('five exercises of 20 reps take about four minutes, the way between included', () => {
    expect(
      finishSeconds(
        task(),
        [20, 20, 20, 20, 20].map((count) => reps(count)),
        none,
      ).typical,
    ).toBeCloseTo(240)
  })

  it('N: 50, 40, 30, 20, 10 take the trained 2:20 to 2:40, the slowing included', () => {
    const list = [50, 40, 30, 20, 10].map((count) => reps(count))
    const { low, typical, high } = finishSeconds(task(), list, { ...commonPaces, whose: whoseAmong(['trained', 'trained', 'trained']) })
    expect(Math.abs(low - 140)).toBeLessThan(2)
    expect(typical).toBeCloseTo(151, 0)
    expect(Math.abs(high - 160)).toBeLessThan(3)
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
    expect([36, 30].map((seconds) => repsWithin(seconds, 7))).toEqual([5, 4])
  })

  it('burpees at 2.5 to 3.75 s: 12 to 18 in 45 s', () => {
    const paces: Paces = { ...none, byExercise: new Map([['burpee', { low: 2.5, typical: 3, high: 3.75 }]]) }
    const { low, high } = roundsWithin(45, task(), [use({ exerciseId: 'burpee', reps: { count: 1 } })], paces)!
    expect([Math.round(low), Math.round(high)]).toEqual([12, 18])
  })

  it('a list without a length has no rounds', () => {
    expect(roundsWithin(60, task(), [use()], none)).toBeUndefined()
  })
})

describe('tiredness, level, and where people are', () => {
  const list = [20, 20, 20, 20, 20].map((count) => reps(count))

  it('slows reps and never the clock', () => {
    const fresh = finishSeconds(task({ aimRounds: 3 }), list, none)
    const tired = finishSeconds(task({ aimRounds: 3 }), list, commonPaces)
    expect(tired.typical / fresh.typical).toBeGreaterThan(1.05)
    expect(tired.high / fresh.high).toBeGreaterThan(tired.low / fresh.low)
    const machine = [use({ seconds: 90 })]
    expect(finishSeconds(task({ aimRounds: 10 }), machine, commonPaces).high).toBe(900)
  })

  it('allows as many rounds in a cap as take just that long', () => {
    const rounds = roundsWithin(600, task({ goal: 'cap', capSeconds: 600 }), list, commonPaces)!
    expect(finishSeconds(task({ aimRounds: 1 }), list, commonPaces).high).toBeLessThan(600)
    expect(rounds.low).toBeLessThan(600 / 300)
    expect(rounds.low).toBeGreaterThan(1.7)
    expect(rounds.high).toBeGreaterThan(rounds.typical)
  })

  it('the quick are reckoned with the dose of the trained, the slow with that of newcomers', () => {
    const dosed = use({ reps: { count: 12 }, dose: { newcomer: { reps: 8 }, trained: { reps: 15 } } })
    expect(itemSeconds(dosed, none)).toEqual({ low: 15, typical: 12 * 2.4, high: 24 })
  })

  it('the ends are those of who is here: the quickest level, the middle person, the slowest level', () => {
    expect(whoseAmong([])).toEqual({ low: 'trained', typical: 'regular', high: 'newcomer' })
    expect(whoseAmong(['newcomer', 'regular', 'newcomer'])).toEqual({ low: 'regular', typical: 'newcomer', high: 'newcomer' })
    const dosed = use({ reps: { count: 12 }, dose: { newcomer: { reps: 8 } } })
    const newcomers = { ...none, whose: whoseAmong(['newcomer']) }
    expect(itemSeconds(dosed, newcomers).typical).toBe(8 * 3)
    // Alike is not equal: 7 % to either side, as with the trained of row N.
    const { low, high } = itemSeconds(dosed, newcomers)
    expect([low / 24, high / 24].map((share) => share.toFixed(2))).toEqual(['0.93', '1.07'])
  })

  it('finds where people are: in the opener, then round and item, then done', () => {
    const stay = task({ goal: 'finish', openerCount: 1, aimRounds: 2 })
    const three = [reps(10), reps(10), reps(10)]
    expect(listPlaceAt(5, stay, three, none)).toEqual({
      low: { item: 0, done: false },
      typical: { item: 0, done: false },
      high: { item: 0, done: false },
    })
    const later = listPlaceAt(35, stay, three, none)
    expect([later.low, later.typical, later.high]).toEqual([
      { round: 1, item: 1, done: false },
      { round: 0, item: 1, done: false },
      { round: 0, item: 1, done: false },
    ])
    expect(listPlaceAt(1000, stay, three, none).high.done).toBe(true)
    expect(listPlaceAt(1e6, task({ goal: 'cap', capSeconds: 60 }), three, none).low.done).toBe(false)
    expect(listPlaceAt(10, task({ goal: 'cap', capSeconds: 60 }), [use()], none).low.done).toBe(true)
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
    // 100 reps at 1, 2.4 and 3 s, a little slower with every minute.
    expect(timeline.range).toEqual({ low: 2280 + 100, typical: 2280 + 247, high: 2280 + 324 })
    expect(timeline.phases.at(-1)!.selfPaced!.open).toEqual({ low: 100, typical: 247, high: 324 })
    expect(timeline.phases[0]!.selfPaced).toEqual({})
  })

  it('never goes past its cap, and an exact plan has no range', () => {
    const capped: PlanInput = {
      id: 'p',
      name: 'P',
      slotSeconds: 600,
      parts: [
        {
          id: 'a',
          pieces: [
            {
              id: 'c',
              type: 'circuit',
              travel: 'together',
              laps: 1,
              stay: { kind: 'task', goal: 'finish', capSeconds: 200 },
              stations: [{ id: 's', uses: [{ id: 'u', exerciseId: 'x', reps: { count: 100 } }] }],
            },
          ],
        },
      ],
    }
    expect(compiled(capped).range).toEqual({ low: 100, typical: 200, high: 200 })
    expect(compiled(shapes[0]!.plan).range).toBeUndefined()
  })
})
