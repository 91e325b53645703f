import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bestsOf } from './bests'
import { besideBefore, placed, type Done } from './compare'
import { counting } from './history'
import type { Outcome } from './outcome'
import { shownResults, type Earlier, type Kept } from './run-results'
import { fingerprintText, whatDiffers } from './task'
import { teamTotals } from './totals'

const task = { measure: 'time' as const, capSeconds: 600, lines: ['9-6-3 of each:', 'goblet squat', 'push-up'] }
const done = (personId: string, tenths: number, more: Partial<Done> = {}): Done => ({
  ...{ personId, task, option: '', standard: '', scaled: false },
  outcome: { value: { measure: 'time', tenths } },
  ...more,
})
const at = (day: string, one: Done): Earlier & { name: string } => ({ ...one, at: `2026-11-${day}T19:00:00Z`, name: 'Ladder' })

describe('a fair comparison', () => {
  it('is of the same task, option, standard and cap; else it is said what differs', () => {
    const now = done('a', 1)
    expect(whatDiffers(now, done('a', 2))).toEqual([])
    expect(whatDiffers(now, done('a', 2, { task: { ...task, capSeconds: 480 } }))).toEqual(['cap 8:00 then, cap 10:00 now'])
    expect(whatDiffers(now, done('a', 2, { task: { ...task, lines: ['9-6-3 of each:', 'goblet squat', 'burpee'] } }))).toEqual([
      'burpee then, push-up now',
    ])
    expect(whatDiffers(now, done('a', 2, { task: { ...task, lines: [...task.lines].reverse() } }))).toEqual(['another order then'])
    expect(whatDiffers(done('a', 1, { option: 'push-up, knees' }), now)).toEqual(['as everyone then, did push-up, knees now'])
    expect(whatDiffers(done('a', 1, { standard: 'knee touches' }), done('a', 2, { standard: 'knee hovers' }))).toEqual([
      'knee hovers then, knee touches now',
    ])
    expect(whatDiffers(done('a', 1, { scaled: true }), now)).toEqual(['not scaled then, scaled now'])
  })

  it('has one mark for one task, and another for any other', () => {
    expect(fingerprintText({ ...task, lines: [...task.lines] })).toBe(fingerprintText(task))
    const others = [
      { ...task, capSeconds: 601 },
      { measure: task.measure, lines: task.lines },
      { ...task, measure: 'rounds' as const },
    ]
    expect(new Set([task, ...others].map(fingerprintText)).size).toBe(4)
  })

  it('ranks those who did as most did; of the others it says why not', () => {
    const list = [done('a', 1300), done('b', 1200), done('c', 900, { option: 'push-up, knees' }), done('d', 1300)]
    expect(placed(list)).toEqual([
      { rank: 2, toFirst: '+0:10', differs: [] },
      { rank: 1, differs: [] },
      { differs: ['did push-up, knees'] },
      { rank: 2, toFirst: '+0:10', differs: [] },
    ])
    expect(placed([done('a', 1)])).toEqual([{ differs: [] }])
    expect(placed([])).toEqual([])
  })

  it('is with the last time and the best of before, however long ago', () => {
    const before = [at('20', done('a', 1400)), at('13', done('a', 1250)), at('06', done('a', 900, { scaled: true }))]
    expect(besideBefore(done('a', 1300), before)).toMatchObject({
      last: before[0],
      toLast: '−0:10',
      best: before[1],
      toBest: '+0:05',
      isBest: false,
    })
    expect(besideBefore(done('a', 1200), before).isBest).toBe(true)
    // As good as the best is no better.
    expect(besideBefore(done('a', 1250), before).isBest).toBe(false)
    expect(besideBefore(done('a', 1), [])).toEqual({ isBest: false, differs: [] })
    expect(besideBefore(done('a', 1), [before[2]!]).differs).toEqual(['scaled then, not scaled now'])
  })

  it('gathers bests by what can be compared', () => {
    const bests = bestsOf([at('20', done('a', 1400)), at('13', done('a', 1250)), at('06', done('a', 900, { scaled: true }))])
    expect(bests.map(({ times, scaled, best }) => [times, scaled, best.outcome.value])).toEqual([
      [2, false, { measure: 'time', tenths: 1250 }],
      [1, true, { measure: 'time', tenths: 900 }],
    ])
  })
})

describe('results of a run beside each other', () => {
  const kept = (one: Done): Kept => ({
    ...one,
    place: 'ladder/0/0/0/0',
    measure: 'time',
    entry: one.personId,
    splits: [700, 650],
    isEntered: true,
  })
  const shown = (board: boolean, off: string[] = []) =>
    shownResults({
      kept: [kept(done('a', 1300)), kept(done('b', 1200)), kept(done('c', 1250))],
      before: () => [],
      board,
      offBoards: new Set(off),
      unit: 'kg',
    })

  it('have places only where the class compares; who stays off boards has none, and takes none', () => {
    expect(shown(true).map(({ rank }) => rank)).toEqual([3, 1, 2])
    expect(shown(false).map(({ rank }) => rank)).toEqual([undefined, undefined, undefined])
    expect(shown(true, ['b']).map(({ rank, toFirst }) => [rank, toFirst])).toEqual([
      [2, '+0:05'],
      [undefined, undefined],
      [1, undefined],
    ])
  })

  it('say how the second time of a list was against the first, where it is the same', () => {
    const at = (repeat: number, tenths: number, more: Partial<Done> = {}): Kept => ({
      ...kept(done('a', tenths, more)),
      place: `ladder/${repeat}/0/0/0`,
    })
    const told = (...list: Kept[]) =>
      shownResults({ kept: list, before: () => [], board: false, offBoards: new Set(), unit: 'kg' }).map(({ toFirstTime }) => toFirstTime)
    expect(told(at(10, 1250), at(2, 1200))).toEqual(['+0:05', undefined])
    expect(told(at(0, 1200), at(1, 1250, { option: 'push-up, knees' }))).toEqual([undefined, undefined])
  })

  it('say how the last round was against the first', () => {
    expect(shown(false)[0]).toMatchObject({ splits: ['1:10', '1:05'], firstToLast: '−0:05' })
  })
})

describe('teams', () => {
  const reps = (count: number): Outcome => ({ value: { measure: 'reps', reps: count } })
  it('add up what each did; what a pair did as one counts once', () => {
    const results = [
      { personId: 'a', entry: '1', outcome: reps(40) },
      { personId: 'b', entry: '1', outcome: reps(40) },
      { personId: 'c', entry: '2', outcome: reps(30) },
      { personId: 'd', entry: '3', outcome: reps(25) },
    ]
    expect(
      teamTotals(
        [
          ['a', 'b'],
          ['c', 'd'],
          ['e', 'f'],
        ],
        results,
      ),
    ).toEqual([{ measure: 'reps', reps: 40 }, { measure: 'reps', reps: 55 }, undefined])
  })

  it('have no total where somebody did not finish, or nothing is known of one', () => {
    const results = [
      { personId: 'a', entry: '1', outcome: reps(40) },
      { personId: 'b', entry: '2', outcome: { didNotFinish: true as const } },
    ]
    const teams = [
      ['a', 'b'],
      ['a', 'c'],
      ['c', 'a'],
    ]
    expect(teamTotals(teams, results)).toEqual([undefined, undefined, undefined])
  })
})

describe('corrections', () => {
  const outcome = fc.option(
    fc.integer({ min: 1, max: 9 }).map((tenths): Outcome => ({ value: { measure: 'time', tenths } })),
    { nil: undefined },
  )
  it('and their opposite leave everything as it was, whatever came before', () => {
    fc.assert(
      fc.property(fc.array(outcome, { maxLength: 5 }), outcome, outcome, (earlier, tapped, correction) => {
        const entries = earlier.map((one, index) => ({ id: String(index), outcome: one }))
        const before = counting(entries, tapped)
        const opposite = earlier.at(-1)
        const after = [...entries, { id: 'x', outcome: correction }, { id: 'y', outcome: opposite }]
        expect(counting(after, tapped)).toEqual(before)
      }),
    )
  })

  it('what is taken away leaves what was tapped', () => {
    const tapped: Outcome = { value: { measure: 'time', tenths: 5 } }
    expect(
      counting(
        [
          { id: '1', outcome: { didNotFinish: true } },
          { id: '2', outcome: undefined },
        ],
        tapped,
      ),
    ).toBe(tapped)
  })
})
