import { describe, expect, it } from 'vitest'
import { dayKey, isDayKey, momentAt, nearestMoment, plusDays, startOfDay, timeKey } from './zoned'

const zone = 'Pacific/Auckland'
const at = '2026-01-05T11:30:00.000Z'

describe('the hall’s own calendar and clock', () => {
  it('tells day and time in the hall’s zone, whatever the machine’s is', () => {
    expect([dayKey(at, zone), timeKey(at, zone)]).toEqual(['2026-01-06', '00:30'])
    expect(momentAt(dayKey(at, zone), timeKey(at, zone), zone).toISOString()).toBe(at)
  })

  it('knows when a day begins, also where the clocks leap over midnight', () => {
    expect(startOfDay('2026-01-06', zone).toISOString()).toBe('2026-01-05T11:00:00.000Z')
    // Berlin, the day of 23 hours and the day of 25 (IANA time zone data).
    expect(startOfDay('2026-03-29', 'Europe/Berlin').toISOString()).toBe('2026-03-28T23:00:00.000Z')
    expect(startOfDay('2026-03-30', 'Europe/Berlin').toISOString()).toBe('2026-03-29T22:00:00.000Z')
    expect(startOfDay('2026-10-26', 'Europe/Berlin').toISOString()).toBe('2026-10-25T23:00:00.000Z')
    // Cairo leaps from midnight to one o'clock on the last Friday of April.
    expect(startOfDay('2026-04-24', 'Africa/Cairo').toISOString()).toBe('2026-04-23T22:00:00.000Z')
  })

  it('counts days by the calendar', () => {
    expect([plusDays('2026-02-27', 3), plusDays('2026-03-29', -1), plusDays('2026-12-31', 1)]).toEqual([
      '2026-03-02',
      '2026-03-28',
      '2027-01-01',
    ])
    expect(['2026-02-29', '1907-05-01', '2026-2-1', 'today', '2026-02-28'].map(isDayKey)).toEqual([false, false, false, false, true])
  })

  it('has a moment for a time that the clocks leap over, and the first of two that they show twice', () => {
    expect(momentAt('2026-03-29', '02:30', 'Europe/Berlin').toISOString()).toBe('2026-03-29T01:30:00.000Z')
    expect(momentAt('2026-10-25', '02:30', 'Europe/Berlin').toISOString()).toBe('2026-10-25T00:30:00.000Z')
  })

  it('finds the nearest moment of a time of day, over midnight too', () => {
    const near = Date.parse('2026-05-01T21:50:00Z')
    expect(new Date(nearestMoment('00:10', near, 'Europe/Berlin')!).toISOString()).toBe('2026-05-01T22:10:00.000Z')
    expect(nearestMoment('24:00', near, 'Europe/Berlin')).toBeUndefined()
  })
})
