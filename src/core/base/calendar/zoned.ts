import { DateTime } from 'luxon'
import type { Milliseconds } from '../units'

export type Instant = string | number | Date

/** A day of the hall's calendar, as `2026-03-29`. */
export type DayKey = string

const inZone = (at: Instant, zone: string) => DateTime.fromMillis(new Date(at).getTime(), { zone })

/** `2026-03-29T22:30:00Z` in Berlin → `2026-03-30` */
export const dayKey = (at: Instant, zone: string): DayKey => inZone(at, zone).toFormat('yyyy-MM-dd')

/** Whether a text is a day of the calendar that a class can be on. */
export const isDayKey = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && DateTime.fromISO(text).isValid && text >= '2000-01-01' && text <= '2199-12-31'

/** `2026-02-27` and 3 → `2026-03-02` */
export const plusDays = (day: DayKey, days: number): DayKey => DateTime.fromISO(day, { zone: 'utc' }).plus({ days }).toFormat('yyyy-MM-dd')

/** When a day begins: at midnight, or where the clocks leap over it, when they have. */
export const startOfDay = (day: DayKey, zone: string): Date => DateTime.fromISO(day, { zone }).startOf('day').toJSDate()

/** The time of day, as `18:05`. */
export const timeKey = (at: Instant, zone: string): string => inZone(at, zone).toFormat('HH:mm')

/**
 * The moment at which the hall's clocks show a time of a day; one that they leap over is an hour later, of one that they show
 * twice it is the first.
 */
export function momentAt(day: DayKey, time: string, zone: string): Date {
  const shown = DateTime.fromISO(`${day}T${time}`, { zone: 'utc' })
  const by = (offsetOf: Date) => shown.minus({ minutes: inZone(offsetOf, zone).offset }).toJSDate()
  const first = by(startOfDay(day, zone))
  const later = by(first)
  return timeKey(first, zone) !== shown.toFormat('HH:mm') && timeKey(later, zone) === shown.toFormat('HH:mm') ? later : first
}

/** The moment of a time of day nearest to another moment; nothing for what is no time. */
export function nearestMoment(time: string, near: Milliseconds, zone: string): Milliseconds | undefined {
  if (!/^([01]\d|2[0-3]):[0-5]\d$/.test(time)) return undefined
  const days = [-1, 0, 1].map((days) => momentAt(plusDays(dayKey(near, zone), days), time, zone).getTime())
  return days.reduce((best, day) => (Math.abs(day - near) < Math.abs(best - near) ? day : best))
}
