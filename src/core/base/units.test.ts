import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  formatSeconds,
  inMilliseconds,
  inSeconds,
  parseSeconds,
  type Kilograms,
  type Metres,
  type Milliseconds,
  type Seconds,
} from './units'

describe('time as people write it', () => {
  it('reads seconds, clock times and words', () => {
    expect(['45', '1:30', '1:00:05', '90s', '2 min', ' 0:07 '].map((text) => parseSeconds(text))).toEqual([45, 90, 3605, 90, 120, 7])
    expect(['40s', '1.5 min', '1,5m', '90 seconds', '2 minutes', "2'", '40"'].map((text) => parseSeconds(text))).toEqual([
      40, 90, 90, 90, 120, 120, 40,
    ])
  })

  it('reads more or less than what stands there, if something does', () => {
    expect([parseSeconds('+5', 40), parseSeconds('- 10', 40), parseSeconds('+1 min', 40)]).toEqual([45, 30, 100])
    expect(parseSeconds('+5')).toBeUndefined()
  })

  it('takes nothing for what is no time', () => {
    for (const text of ['', '-5', '1.5', '1:75', 'soon', '1:2', '0.3 s', '+', '9999999']) expect(parseSeconds(text)).toBeUndefined()
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

describe('units', () => {
  const wait = (seconds: Seconds) => inMilliseconds(seconds)

  it('are kept apart by the compiler, and turned into each other by name', () => {
    const elapsed: Milliseconds = 1500
    const weight: Kilograms = 8
    // @ts-expect-error milliseconds are no seconds
    expect(wait(elapsed)).toBe(1_500_000)
    // @ts-expect-error kilograms are no metres
    const far: Metres = weight
    expect(far).toBe(8)
    expect([wait(1.5), inSeconds(elapsed), wait(inSeconds(elapsed))]).toEqual([1500, 1.5, 1500])
  })
})
