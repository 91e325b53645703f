import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'
import type { Instant } from './zoned-time'

dayjs.extend(utc)
dayjs.extend(timezone)

export const dateKey = (at: Instant, zone: string) => dayjs(at).tz(zone).format('YYYY-MM-DD')
/** What a date-and-time input holds, and back. */
export const toInput = (at: Instant, zone: string) => dayjs(at).tz(zone).format('YYYY-MM-DDTHH:mm')
export const fromInput = (text: string, zone: string) => dayjs.tz(text, zone).toISOString()
export const startOfDay = (at: Instant, zone: string) => dayjs(at).tz(zone).startOf('day').toDate()

/** The moment of a time of day nearest to another moment; nothing for what is no time. */
export function momentOf(time: string, near: number, zone: string): number | undefined {
  if (!/^([01]\d|2[0-3]):[0-5]\d$/.test(time)) return undefined
  const days = [-1, 0, 1].map((day) => dayjs.tz(`${dateKey(dayjs(near).add(day, 'day').toDate(), zone)}T${time}`, zone).valueOf())
  return days.reduce((best, each) => (Math.abs(each - near) < Math.abs(best - near) ? each : best))
}
