import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatSeconds, parseSeconds } from './units'

describe('time as people write it', () => {
  it('reads seconds, clock times and words', () => {
    expect(['45', '1:30', '1:00:05', '90s', '2 min', ' 0:07 '].map(parseSeconds)).toEqual([45, 90, 3605, 90, 120, 7])
  })

  it('takes nothing for what is no time', () => {
    for (const text of ['', '-5', '1.5', '1:75', 'soon', '1:2', '9999999']) expect(parseSeconds(text)).toBeUndefined()
  })

  it('what it writes it reads', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359_999 }), (seconds) => {
        expect(parseSeconds(formatSeconds(seconds))).toBe(seconds)
      }),
    )
    expect(formatSeconds(-75)).toBe('-1:15')
  })
})
