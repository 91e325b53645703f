import dayjs from 'dayjs'
import timezone from 'dayjs/plugin/timezone'
import utc from 'dayjs/plugin/utc'

dayjs.extend(utc)
dayjs.extend(timezone)

type Instant = string | number | Date

/** Instants as the hall's own calendar and clock show them. */
export const dayOf = (at: Instant, zone: string) => dayjs(at).tz(zone).format('ddd D MMM')
export const timeOf = (at: Instant, zone: string) => dayjs(at).tz(zone).format('HH:mm')
export const dateKey = (at: Instant, zone: string) => dayjs(at).tz(zone).format('YYYY-MM-DD')
/** What a date-and-time input holds, and back. */
export const toInput = (at: Instant, zone: string) => dayjs(at).tz(zone).format('YYYY-MM-DDTHH:mm')
export const fromInput = (text: string, zone: string) => dayjs.tz(text, zone).toISOString()
export const startOfDay = (at: Instant, zone: string) => dayjs(at).tz(zone).startOf('day').toDate()
