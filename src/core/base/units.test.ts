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
