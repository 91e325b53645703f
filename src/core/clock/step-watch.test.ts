import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { StepWatch } from './step-watch'

/** A clock read every second over a line that takes a few milliseconds, steered by `ppm`, and set by `step` before the fifth reading. */
function judged(step: number, ppm = 0, line = 4): number[] {
  const watch = new StepWatch()
  return Array.from({ length: 10 }, (_, second) => {
    const asked = second * 1000
    const time = 1e12 + (asked + line / 2) * (1 + ppm / 1e6) + (second >= 5 ? step : 0)
    return watch.judge({ asked, came: asked + line, time })
  })
}

describe('StepWatch', () => {
  it('tells by how much a clock was set, forward or back, until it is put right', () => {
    for (const step of [600_000, -600_000, 1500, -1500]) {
      const told = judged(step)
      expect(told.slice(0, 5)).toEqual([0, 0, 0, 0, 0])
      for (const leapt of told.slice(5)) expect(Math.abs(leapt - step)).toBeLessThanOrEqual(10)
    }
  })

  it('lets a clock be steered, and small steps pass', () => {
    expect(judged(0, 400)).toEqual(Array(10).fill(0))
    expect(judged(800)).toEqual(Array(10).fill(0))
  })

  it('believes no slow line to be a step', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 5000 }), fc.integer({ min: 0, max: 5000 })), { minLength: 2, maxLength: 30 }),
        (lines) => {
          const watch = new StepWatch()
          let now = 0
          for (const [there, back] of lines) {
            const reading = { asked: now, came: now + there + back, time: 1e12 + now + there }
            now = reading.came + 10
            expect(watch.judge(reading)).toBe(0)
          }
        },
      ),
    )
  })
})
