import { describe, expect, it } from 'vitest'
import { dateKey, fromInput, startOfDay, toInput } from './when'
import { dayOf, timeOf } from './zoned-time'

const zone = 'Pacific/Auckland'
const at = '2026-01-05T11:30:00.000Z'

describe('the hall’s own calendar and clock', () => {
  it('shows instants in the hall’s zone, whatever the machine’s is', () => {
    expect([dayOf(at, zone), timeOf(at, zone), dateKey(at, zone)]).toEqual(['Tue 6 Jan', '00:30', '2026-01-06'])
  })

  it('reads an input back as the same instant', () => {
    expect(toInput(at, zone)).toBe('2026-01-06T00:30')
    expect(fromInput(toInput(at, zone), zone)).toBe(at)
  })

  it('knows when the day begins there', () => {
    expect(startOfDay(at, zone).toISOString()).toBe('2026-01-05T11:00:00.000Z')
  })
})

describe('instants in the hall’s own zone', () => {
  it('shows day and time there, over midnight and over the change to summer time', () => {
    expect(dayOf('2026-09-30T23:30:00Z', 'Europe/Berlin')).toBe('Thu 1 Oct')
    expect(timeOf('2026-09-30T22:30:00Z', 'Europe/Berlin')).toBe('00:30')
    expect(timeOf('2026-03-29T00:59:00Z', 'Europe/Berlin')).toBe('01:59')
    expect(timeOf('2026-03-29T01:00:00Z', 'Europe/Berlin')).toBe('03:00')
    expect(timeOf('2026-03-29T01:00:00Z', 'Asia/Kolkata')).toBe('06:30')
  })
})
