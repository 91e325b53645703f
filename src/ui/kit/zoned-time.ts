import type { Instant } from '@core/base/calendar/zoned'

export type { Instant }

/** One for each zone: making one takes far longer than using it, and clocks are shown ten times a second. */
const formats = new Map<string, Intl.DateTimeFormat>()

function partsOf(at: Instant, zone: string): Record<Intl.DateTimeFormatPartTypes, string> {
  let format = formats.get(zone)
  if (!format) {
    format = new Intl.DateTimeFormat('en-US', {
      timeZone: zone,
      weekday: 'short',
      day: 'numeric',
      month: 'short',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    })
    formats.set(zone, format)
  }
  return Object.fromEntries(format.formatToParts(new Date(at)).map(({ type, value }) => [type, value])) as Record<
    Intl.DateTimeFormatPartTypes,
    string
  >
}

/** Instants as the hall's own calendar and clock show them. */
export function dayOf(at: Instant, zone: string): string {
  const { weekday, day, month } = partsOf(at, zone)
  return `${weekday} ${day} ${month}`
}

/** The same with its year, where that is not the present one. */
export function datedOf(at: Instant, zone: string): string {
  const year = (instant: Instant) => new Date(instant).getUTCFullYear()
  return year(at) === year(Date.now()) ? dayOf(at, zone) : `${dayOf(at, zone)} ${year(at)}`
}

export function timeOf(at: Instant, zone: string): string {
  const { hour, minute } = partsOf(at, zone)
  return `${hour}:${minute}`
}
