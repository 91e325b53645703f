import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { expectedDemand, limitingItem, placesFor, queueThrough, secondsOnceThrough, servedBy, spreadStarts, type QueueItem } from './queue'

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0)
/** 90 s on a machine, then 150 s of other things: row J of the shapes, a round of four minutes. */
const row: QueueItem[] = [{ seconds: 90, places: 2 }, { seconds: 60 }, { seconds: 90 }]

describe('a queue at the machine', () => {
  it('all who begin at once wait for those before them (deterministic service, first come first served)', () => {
    // Two machines: persons 3 and 4 wait 90 s, 5 and 6 wait 180 s.
    const { waits, crowd } = queueThrough(row, [0, 0, 0, 0, 0, 0], 240)
    expect(waits).toEqual([0, 0, 90, 90, 180, 180])
    expect(crowd[0]).toBe(6)
  })

  it('one machine that is always busy serves one in every service time, however many wait', () => {
    const single: QueueItem[] = [{ seconds: 60, places: 1 }]
    for (const people of [1, 2, 5]) expect(queueThrough(single, Array<number>(people).fill(0), 600).rounds).toBe(10)
  })

  it('perfectly staggered, each is at it for its share of the round, and nobody waits', () => {
    const even: QueueItem[] = [{ seconds: 60, places: 1 }, { seconds: 60 }, { seconds: 60 }, { seconds: 60 }]
    const starts = spreadStarts(even, 4, 1200)
    expect([...starts].sort()).toEqual([0, 1, 2, 3])
    expect(sum(queueThrough(even, starts, 1200).waits)).toBe(0)
  })

  it('Little’s law: people = rounds a second × seconds in the round, waiting included (Little, Operations Research 9, 1961)', () => {
    const item = fc.record({
      seconds: fc.integer({ min: 10, max: 120 }),
      places: fc.option(fc.integer({ min: 1, max: 3 }), { nil: undefined }),
    })
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 5 }), fc.integer({ min: 1, max: 8 }), (items, people) => {
        const cap = 60_000
        const { waits, rounds } = queueThrough(items, Array<number>(people).fill(0), cap)
        const throughput = rounds / cap
        const inSystem = throughput * (secondsOnceThrough(items) + sum(waits) / Math.max(rounds, 1))
        expect(inSystem).toBeCloseTo(people, 0)
        // Asymptotic bounds of a closed line (Denning & Buzen 1978; from memory): the round itself, or the busiest item.
        const most = Math.min(
          people / secondsOnceThrough(items),
          ...items.flatMap((item) => (item.places ? [item.places / item.seconds] : [])),
        )
        expect(throughput).toBeLessThanOrEqual(most * 1.02)
      }),
      { numRuns: 40 },
    )
  })

  it('spread starts never wait more than all at the first', () => {
    const item = fc.record({
      seconds: fc.integer({ min: 20, max: 120 }),
      places: fc.option(fc.integer({ min: 1, max: 3 }), { nil: undefined }),
    })
    fc.assert(
      fc.property(fc.array(item, { minLength: 1, maxLength: 4 }), fc.integer({ min: 1, max: 8 }), (items, people) => {
        const starts = spreadStarts(items, people, 900)
        expect(starts).toHaveLength(people)
        const waiting = (starts: readonly number[]) => sum(queueThrough(items, starts, 900).waits)
        expect(waiting(starts)).toBeLessThanOrEqual(waiting(Array<number>(people).fill(0)))
      }),
      { numRuns: 30 },
    )
  })

  it('says how many there should be, whom they serve, and what limits', () => {
    expect(expectedDemand(row, 0, 8)).toBe(3)
    expect([placesFor(row, 0, 8), servedBy(row, 0), limitingItem(row, 8)]).toEqual([3, 5, 0])
    expect(limitingItem(row, 5)).toBeUndefined()
  })
})
