import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { numberRuns } from './number-runs'

describe('runs of numbers', () => {
  it('are told from–to from three on', () => {
    expect([[], [3], [3, 4], [3, 4, 5], [1, 2, 3, 4, 6, 7, 9]].map(numberRuns)).toEqual(['', '3', '3, 4', '3–5', '1–4, 6, 7, 9'])
  })

  it('lose no number', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 1, max: 40 })), (set) => {
        const numbers = [...set].sort((a, b) => a - b)
        const back = numberRuns(numbers)
          .split(', ')
          .filter(Boolean)
          .flatMap((run) => {
            const [from, to = from] = run.split('–').map(Number) as [number, number?]
            return Array.from({ length: to - from + 1 }, (_, step) => from + step)
          })
        expect(back).toEqual(numbers)
      }),
    )
  })
})
