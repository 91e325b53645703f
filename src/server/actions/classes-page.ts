import { dayKey, isDayKey, plusDays, startOfDay, timeKey, type DayKey } from '../../core/base/calendar/zoned'
import { limits } from '../../core/base/limits'
import { formatSeconds } from '../../core/base/units'
import type { ClassSummary } from '../../core/class/summary'
import type { Room } from '../../core/library/room'
import { mainExercises } from '../../core/suggest/main-part'
import { suggestedFrom } from '../../core/suggest/suggested'
import { inTheHall } from '../db/in-hall'
import { nextClassFrom } from '../services/classes'
import { hallLibrary, hallRooms, ownHall } from '../services/halls'
import { listPlans } from '../services/plans'
import { classesUnderWay, timeIn } from '../services/runs'
import { classList, type SummedClass } from './class-list'

/** A week of classes as the Classes page shows it, and what a new one can be made from. `asked` is the week's first day, else today. */
export async function classesPage(asked: string | null) {
  const { hall, now, rooms, library, plans, unreadable } = await inTheHall(async (inHall) => {
    const found = await listPlans(inHall)
    return {
      hall: await ownHall(inHall),
      now: new Date(await timeIn(inHall)),
      rooms: await hallRooms(inHall),
      library: await hallLibrary(inHall),
      plans: found.plans,
      unreadable: found.unreadable,
    }
  })
  const today = dayKey(now, hall.timeZone)
  const from = asked !== null && isDayKey(asked) ? asked : today
  const { classes, next } = await weekOf(from, from === today, now, hall.timeZone, rooms)
  const recent = await classList(new Date(now.getTime() - habitWeeks * 7 * 86_400_000), startOfDay(plusDays(today, 14), hall.timeZone))
  const main = mainExercises(library.exercises)
    .slice(0, 24)
    .map((exercise) => exercise.id)
  return {
    hall,
    unreadable,
    classes,
    gear: library.gear.map(({ id, name }) => ({ id, name })),
    week: { from, today, ...(next && { next: dayKey(next, hall.timeZone) }) },
    sources: {
      plans,
      rooms,
      zone: hall.timeZone,
      clock: hall.figures.clock ?? ('24h' as const),
      now: now.toISOString(),
      habits: habitsOf(recent, hall.timeZone),
      makings: { main, suggested: suggestedFrom(library.exercises) },
    },
  }
}

/** How far back a hall's habits go. */
const habitWeeks = 5

/** When classes are, in which room and for how long, the latest first: what a new one at that hour is most like. */
const habitsOf = (classes: readonly SummedClass[], zone: string) =>
  classes
    .flatMap(({ startsAt, summary }) => {
      const minutes = Math.round((summary?.slotSeconds ?? 0) / 60)
      return summary && minutes > 0
        ? [{ startsAt: startsAt.toISOString(), time: timeKey(startsAt, zone), roomId: summary.roomId, minutes }]
        : []
    })
    .reverse()

/** The classes of seven days, on the first of which, if it is today, one that began before midnight may still go on. */
async function weekOf(from: DayKey, isToday: boolean, now: Date, zone: string, rooms: readonly Room[]) {
  const begin = startOfDay(from, zone)
  const until = startOfDay(plusDays(from, 7), zone)
  const earlier = isToday ? limits.totalSeconds * 1000 : 0
  const found = await classList(new Date(begin.getTime() - earlier), until)
  const { underWay, next } = await inTheHall(async (inHall) => ({
    underWay: await classesUnderWay(
      inHall,
      found.map(({ id }) => id),
    ),
    next: await nextClassFrom(inHall, until),
  }))
  const goesOn = ({ id, startsAt, summary }: SummedClass) =>
    underWay.has(id) || !summary || startsAt.getTime() + summary.slotSeconds * 1000 > now.getTime()
  const listed = found.filter((summed) => summed.startsAt >= begin || goesOn(summed))
  return { next, classes: listed.map((summed) => rowOf(summed, rooms, underWay.has(summed.id))) }
}

function rowOf({ id, name, startsAt, summary }: SummedClass, rooms: readonly Room[], underWay: boolean) {
  return { id, name, startsAt: startsAt.toISOString(), underWay, ...(summary && { shown: shownOf(summary, rooms) }) }
}

function shownOf(summary: ClassSummary, rooms: readonly Room[]) {
  const { totalSeconds: total, slotSeconds: slot, people, spare, sentence, short, problem, roomId } = summary
  return {
    roomName: rooms.find((room) => room.id === roomId)?.name ?? '',
    people,
    ...(total !== undefined && { total: formatSeconds(total) }),
    spare,
    overSlot: total !== undefined && total > slot,
    sentence,
    short,
    problem,
    unreadable: slot === 0,
  }
}
