import { describe, expect, it } from 'vitest'
import { typedDay } from './typed-day'

describe('a day as it is typed', () => {
  it('is read in every usual way, day before month', () => {
    for (const text of [
      '5/1/2027',
      '05/01/2027',
      '5.1.2027',
      ' 05 - 01 - 2027',
      '2027-01-05',
      '5 Jan 2027',
      '5 January 2027',
      'Tue 5 Jan 2027',
      'Tue, 5. Jan, 2027',
    ])
      expect(typedDay(text), text).toBe('2027-01-05')
  })

  it('is none before it is whole, nor when no calendar has it or no class could be on it', () => {
    for (const text of [
      '',
      '5',
      '5/1',
      '5/1/2',
      '5/1/20',
      '5/1/202',
      '31/4/2027',
      '29/2/2027',
      '5/13/2027',
      '5/1/1907',
      '5/1/3027',
      'tomorrow',
      '5 Foo 2027',
    ])
      expect(typedDay(text), text).toBeUndefined()
  })

  it('never becomes another year on the way', () => {
    const typed = '05/01/2027'
    const passed = [...typed].map((_, length) => typedDay(typed.slice(0, length + 1))).filter((day) => day !== undefined)
    expect(passed).toEqual(['2027-01-05'])
  })
})
