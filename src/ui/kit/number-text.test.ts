import { describe, expect, it } from 'vitest'
import { readNumber, showNumber } from './number-text'

describe('a number as it is typed', () => {
  it('is read with a point or a comma, and spaces around', () => {
    expect(['45', ' 45 ', '1.5', '1,5', '007'].map((text) => readNumber(text, 2))).toEqual([45, 45, 1.5, 1.5, 7])
  })

  it('is never made of something else', () => {
    for (const text of ['1e9', '19e', '-4', '4 5', '1.2.3', '1,000.5', '٤', 'four', '1.234', '.5', '99999999'])
      expect(readNumber(text, 2), text).toBeNaN()
    expect(readNumber('1.5', 0)).toBeNaN()
  })

  it('is none where nothing is typed', () => {
    expect(readNumber('  ', 0)).toBeUndefined()
    expect([showNumber(undefined), showNumber(NaN), showNumber(0), showNumber(1.5)]).toEqual(['', '', '0', '1.5'])
  })
})
