import { plusDays, type DayKey } from '../base/calendar/zoned'
import { recentByUsual, sessionLoad, suddenRise, weekLoad, type SessionLoad, type WeekLoad } from './session-load'

/** A class that somebody came to, and how hard they said it was, if they did. */
export interface Session {
  day: DayKey
  minutes: number
  effort?: number
}

/** A week from Monday, or the part of it that has been. */
export interface LoadOfWeek extends WeekLoad {
  from: DayKey
  sessions: number
  /** Of how many of them it is known how hard they were. */
  told: number
}

export interface LoadOverTime {
  weeks: LoadOfWeek[]
  /** The last 7 days over the mean week of the last 28; absent where that says nothing. */
  recent?: number
  /** Whether that is a rise to weigh. */
  isSudden: boolean
  lastSevenDays: SessionLoad
}

/** So many weeks are looked at. */
const weeksShown = 26

/** So many days back sessions are asked for: those weeks whole, and a day for the hall's zone. */
export const loadDays = 7 * weeksShown + 1

const dayMs = 86_400_000
const daysBetween = (from: DayKey, to: DayKey): number => Math.round((Date.parse(to) - Date.parse(from)) / dayMs)

/** `2026-11-30`, a Monday, → itself; `2026-11-29` → `2026-11-23` */
export const mondayOf = (day: DayKey): DayKey => plusDays(day, -((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7))

/** Somebody's load week by week until today, and the last days beside what is usual; of whom nothing is told, no figure. */
export function loadOverTime(sessions: readonly Session[], today: DayKey): LoadOverTime {
  const told = sessions.filter(({ effort }) => effort !== undefined)
  const first = told.reduce<DayKey>((earliest, { day }) => (day < earliest ? day : earliest), today)
  const known = daysBetween(first, today) + 1
  const byDay = new Map<DayKey, SessionLoad>()
  for (const { day, effort, minutes } of told) byDay.set(day, (byDay.get(day) ?? 0) + sessionLoad(effort!, minutes))
  const loads = (last: DayKey, days: number) => Array.from({ length: days }, (_, day) => byDay.get(plusDays(last, day - days + 1)) ?? 0)
  const lastDays = loads(today, Math.min(28, known))
  const recent = recentByUsual(lastDays)
  const thisWeek = mondayOf(today)
  const shown = Math.min(weeksShown, Math.ceil((daysBetween(mondayOf(first), thisWeek) + 1) / 7))
  const weeks = Array.from({ length: shown }, (_, back) => plusDays(thisWeek, -7 * (shown - 1 - back))).map((from): LoadOfWeek => {
    const until = plusDays(from, 6)
    const inWeek = sessions.filter(({ day }) => day >= from && day <= until)
    return { from, ...weekLoad(loads(until, 7)), sessions: inWeek.length, told: inWeek.filter(({ effort }) => effort !== undefined).length }
  })
  return {
    weeks,
    ...(recent !== undefined && { recent }),
    isSudden: recent !== undefined && recent >= suddenRise,
    lastSevenDays: loads(today, 7).reduce((all, load) => all + load, 0),
  }
}
