import { describe, expect, it } from 'vitest'
import { dateKey, dayOf, fromInput, startOfDay, timeOf, toInput } from './when'

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
