import { describe, expect, it } from 'vitest'
import { dayOf, timeOf } from './zoned-time'

describe('instants in the hall’s own zone', () => {
  it('shows day and time there, over midnight and over the change to summer time', () => {
    expect(dayOf('2026-09-30T23:30:00Z', 'Europe/Berlin')).toBe('Thu 1 Oct')
    expect(timeOf('2026-09-30T22:30:00Z', 'Europe/Berlin')).toBe('00:30')
    expect(timeOf('2026-03-29T00:59:00Z', 'Europe/Berlin')).toBe('01:59')
    expect(timeOf('2026-03-29T01:00:00Z', 'Europe/Berlin')).toBe('03:00')
    expect(timeOf('2026-03-29T01:00:00Z', 'Asia/Kolkata')).toBe('06:30')
  })
})
