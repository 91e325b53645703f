/** A class that was or will be: when, where, and for how long. */
export interface Habit {
  /** ISO text. */
  startsAt: string
  /** Of the hall's day, as `18:05`. */
  time: string
  roomId: string
  minutes: number
}

/** The latest class at the same time of day: the room and length of a new one are most like its. */
export const habitAt = (habits: readonly Habit[], time: string): Habit | undefined => habits.find((habit) => habit.time === time)

const quarterHour = 15 * 60_000

/** The first quarter of an hour from now on at which no class goes on in the room; `minutes` long. */
export function nextFree(habits: readonly Habit[], now: string, roomId: string, minutes: number): string {
  const taken = habits
    .filter((habit) => habit.roomId === roomId)
    .map((habit) => ({ from: Date.parse(habit.startsAt), until: Date.parse(habit.startsAt) + habit.minutes * 60_000 }))
    .sort((a, b) => a.from - b.from)
  let start = Math.ceil(Date.parse(now) / quarterHour) * quarterHour
  for (const { from, until } of taken)
    if (from < start + minutes * 60_000 && until > start) start = Math.ceil(until / quarterHour) * quarterHour
  return new Date(start).toISOString()
}
