import fc from 'fast-check'
import { linearRegression, median as medianOf, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { plusDays } from '../base/calendar/zoned'
import type { RunRecord } from '../records/run-record'
import { classTrend } from './class-trend'
import { lineThrough, median, trendOf } from './line'
import { loadOverTime, mondayOf } from './load-over-time'
import { recentByUsual, sampleDeviation, sessionLoad, weekLoad } from './session-load'

describe('session load', () => {
  it('is effort times minutes: 7 and 40 minutes, 280 (Foster et al. 2001)', () => {
    expect(sessionLoad(7, 40)).toBe(280)
  })

  it('of a week has monotony and strain: mean by deviation, and total times that (Foster 1998, from memory)', () => {
    // By hand: total 1400, so a mean of 200; the deviation by simple-statistics.
    const days = [400, 0, 300, 0, 400, 300, 0]
    const { total, monotony, strain } = weekLoad(days)
    expect(total).toBe(1400)
    expect(monotony).toBeCloseTo(200 / sampleStandardDeviation(days), 10)
    expect(strain).toBeCloseTo(1400 * monotony!, 6)
  })

  it('has no monotony where all days are alike, and days of rest count', () => {
    expect(weekLoad([0, 0, 0, 0, 0, 0, 0])).toEqual({ total: 0 })
    expect(weekLoad([300, 300, 300, 300, 300, 300, 300])).toEqual({ total: 2100 })
    expect(weekLoad([280, 0, 0, 0, 0, 0, 0]).monotony).toBeCloseTo(40 / sampleStandardDeviation([280, 0, 0, 0, 0, 0, 0]), 10)
  })

  it('of late by what is usual: the last 7 days over the mean week of 28, these included', () => {
    const steady = Array.from({ length: 28 }, () => 100)
    expect(recentByUsual(steady)).toBe(1)
    // 21 days of 100, then 7 of 300: 2100 by (2100 + 2100) / 4.
    expect(recentByUsual([...steady.slice(7), ...Array.from({ length: 7 }, () => 300)])).toBe(2)
    expect(recentByUsual(steady.slice(1))).toBeUndefined()
    expect(recentByUsual(steady.map(() => 0))).toBeUndefined()
  })

  it('has the deviation of a sample, as simple-statistics has it', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 2, maxLength: 30 }), (figures) => {
        expect(sampleDeviation(figures)).toBeCloseTo(sampleStandardDeviation(figures), 6)
      }),
    )
    expect(sampleDeviation([5])).toBe(0)
  })
})

describe('load over time', () => {
  const today = '2026-11-29'
  const every = (days: number, count: number, effort?: number) =>
    Array.from({ length: count }, (_, index) => ({
      day: plusDays(today, -days * index),
      minutes: 40,
      ...(effort !== undefined && { effort }),
    }))

  it('goes by weeks from Monday', () => {
    expect([mondayOf('2026-11-30'), mondayOf('2026-11-29'), mondayOf('2027-01-01')]).toEqual(['2026-11-30', '2026-11-23', '2026-12-28'])
    const { weeks } = loadOverTime(every(7, 3, 5), today)
    expect(weeks.map(({ from, total, sessions }) => [from, total, sessions])).toEqual([
      ['2026-11-09', 200, 1],
      ['2026-11-16', 200, 1],
      ['2026-11-23', 200, 1],
    ])
  })

  it('says nothing of a rise before 28 days are known, and tells one after', () => {
    expect(loadOverTime(every(7, 4, 5), today)).not.toHaveProperty('recent')
    expect(loadOverTime(every(7, 5, 5), today)).toMatchObject({ recent: 1, isSudden: false })
    const hard = [...every(7, 5, 5), ...every(1, 6, 8)]
    expect(loadOverTime(hard, today).isSudden).toBe(true)
  })

  it('counts classes of which nothing was told as classes, and as no load', () => {
    expect(loadOverTime([...every(7, 2, 5), ...every(1, 3)], today)).toMatchObject({ lastSevenDays: 200 })
    expect(loadOverTime(every(1, 3), today).weeks.every(({ total }) => total === 0)).toBe(true)
    expect(loadOverTime([], today).weeks.length).toBeLessThanOrEqual(1)
  })
})

describe('lines and middles', () => {
  it('are those of simple-statistics', () => {
    const points = fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -500, max: 500 })), {
      minLength: 2,
      maxLength: 20,
    })
    fc.assert(
      fc.property(points, (drawn) => {
        fc.pre(new Set(drawn.map(([x]) => x)).size > 1)
        const { m, b } = linearRegression(drawn)
        const line = lineThrough(drawn)!
        expect(line.slope).toBeCloseTo(m, 6)
        expect(line.intercept).toBeCloseTo(b, 5)
      }),
    )
    fc.assert(
      fc.property(
        fc.array(fc.integer(), { minLength: 1, maxLength: 20 }),
        (figures) => void expect(median(figures)).toBe(medianOf(figures)),
      ),
    )
    expect([
      lineThrough([[1, 2]]),
      lineThrough([
        [1, 2],
        [1, 3],
      ]),
      median([]),
    ]).toEqual([undefined, undefined, undefined])
  })

  it('a trend is called one when it is worth it', () => {
    expect(trendOf([8, 9, 10, 11, 12])).toBe('up')
    expect(trendOf([12, 11, 10, 9, 8])).toBe('down')
    expect(trendOf([10, 11, 10, 9, 10])).toBe('steady')
    expect(trendOf([3, 9, 20])).toBeUndefined()
  })
})

describe('a class over its runs', () => {
  const record = (late: number, own: number): RunRecord => ({
    actualSeconds: 1700,
    people: 8,
    shortWays: [{ pieceId: 'loop', name: 'Stations', needs: 19, has: 15, times: 7, late }],
    ownOptions: [{ pieceId: 'loop', station: 3, exercise: 'Push-up', people: 8, own }],
  })
  it('adds up what was judged short and what came of it, and who takes another option', () => {
    const run = (people: number, late: number, actualSeconds: number) => ({
      startedAt: '',
      people,
      slotSeconds: 1800,
      actualSeconds,
      record: record(late, 2),
    })
    const trend = classTrend([run(6, 3, 1700), run(7, 0, 1900), run(8, 4, 1850), run(9, 2, 1790)])
    expect(trend).toEqual({
      people: { usual: 7.5, trend: 'up' },
      overSlot: { usual: 20, over: 2, of: 4 },
      ways: [{ pieceId: 'loop', name: 'Stations', needs: 19, has: 15, times: 28, late: 9 }],
      options: [{ pieceId: 'loop', station: 3, exercise: 'Push-up', people: 32, own: 8 }],
    })
    expect(classTrend([])).toEqual({ people: undefined, overSlot: undefined, ways: [], options: [] })
  })
})
