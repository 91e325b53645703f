import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { estimateOffset, type Sample } from './estimate'
import { SlewedClock } from './slewed-clock'

describe('estimateOffset', () => {
  it('is wrong by half the round trip at the most (Cristian, Distributed Computing 3, 1989)', () => {
    const delay = fc.integer({ min: 0, max: 400 })
    fc.assert(
      fc.property(
        fc.integer({ min: -1e6, max: 1e6 }),
        fc.array(fc.tuple(delay, delay), { minLength: 1, maxLength: 10 }),
        (offset, trips) => {
          const samples = trips.map(([there, back], index): Sample => {
            const sent = index * 1000
            return { sent, server: sent + there + offset, received: sent + there + back }
          })
          const now = samples.at(-1)!.received
          const { offset: told, error } = estimateOffset(samples, now)!
          expect(Math.abs(told - offset)).toBeLessThanOrEqual(error + 1e-9)
        },
      ),
    )
  })

  it('keeps the shortest round trip, until it is so old that drift counts for more', () => {
    const short: Sample = { sent: 0, received: 2, server: 101 }
    const long: Sample = { sent: 100_000, received: 100_020, server: 100_110 }
    expect(estimateOffset([short, long], 10_000)!.offset).toBe(100)
    expect(estimateOffset([short, long], 100_020)!.offset).toBe(100)
  })

  it('forgets what was before a leap of the local clock, however short the round trip was', () => {
    const before: Sample = { sent: 0, received: 2, server: 101 }
    const after: Sample = { sent: 5000, received: 5300, server: 605_000 }
    const { offset, error } = estimateOffset([before, after], 5300)!
    expect(Math.abs(offset - 599_850)).toBeLessThanOrEqual(error)
    expect(error).toBe(150)
  })

  it('knows nothing from nothing', () => {
    expect(estimateOffset([], 0)).toBeUndefined()
  })
})

describe('SlewedClock', () => {
  it('never runs back and comes to the target, whatever it is told', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 1, max: 500 }),
            fc.oneof(fc.integer({ min: -300, max: 300 }), fc.integer({ min: -20_000, max: 20_000 })),
          ),
          { minLength: 1, maxLength: 40 },
        ),
        (steps) => {
          const clock = new SlewedClock()
          let local = 0
          let last = -Infinity
          for (const [wait, offset] of steps) {
            local += wait
            clock.aimAt(offset, local)
            const now = clock.now(local)
            expect(now).toBeGreaterThanOrEqual(last)
            last = now
          }
          // Time stands for as long as it was ahead, then the last second of that is slewed.
          clock.now(local + 100_000)
          expect(clock.now(local + 200_000)).toBeCloseTo(local + 200_000 + steps.at(-1)![1], 6)
        },
      ),
    )
  })

  it('makes up a leap at once forwards, and by standing still backwards', () => {
    const clock = new SlewedClock()
    clock.aimAt(0, 0)
    clock.aimAt(600_000, 1000)
    expect(clock.now(1000)).toBe(601_000)
    clock.aimAt(595_000, 2000)
    expect([clock.now(3000), clock.now(5000), clock.now(20_000)]).toEqual([602_000, 602_000, 615_000])
  })

  it('takes its first aim whole, later ones bit by bit', () => {
    const clock = new SlewedClock()
    clock.aimAt(5000, 0)
    expect(clock.now(0)).toBe(5000)
    clock.aimAt(5100, 0)
    expect(clock.now(100)).toBeCloseTo(5110)
    expect(clock.now(2000)).toBeCloseTo(7100)
  })
})
