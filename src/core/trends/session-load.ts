/** Effort on the scale of ten times minutes. */
export type SessionLoad = number

/**
 * The load of a session: how hard all of it was (CR-10) times how long it took.
 * Source: Foster et al., J Strength Cond Res 15, 2001. `sessionLoad(7, 40)` → `280`
 */
export const sessionLoad = (effort: number, minutes: number): SessionLoad => effort * minutes

/** Load by day, today last, days without any at 0. */
export type DailyLoads = readonly SessionLoad[]

const sum = (loads: DailyLoads): number => loads.reduce((all, load) => all + load, 0)

/** What seven days come to. */
export interface WeekLoad {
  total: SessionLoad
  /** Mean of the days by their deviation; absent where every day is alike. */
  monotony?: number
  /** Total times monotony. */
  strain?: number
}

/**
 * A week's load, monotony and strain, of seven days. Days of rest count as 0; the deviation is a sample's.
 * Source: Foster, Med Sci Sports Exerc 30, 1998 (from memory).
 */
export function weekLoad(days: DailyLoads): WeekLoad {
  const total = sum(days)
  const deviation = sampleDeviation(days)
  if (deviation === 0) return { total }
  const monotony = total / days.length / deviation
  return { total, monotony, strain: total * monotony }
}

/** Of `[1, 2, 3, 4]`: about 1.29. 0 where there are fewer than two. */
export function sampleDeviation(figures: readonly number[]): number {
  if (figures.length < 2) return 0
  const mean = sum(figures) / figures.length
  return Math.sqrt(sum(figures.map((figure) => (figure - mean) ** 2)) / (figures.length - 1))
}

/** Above this, a rise is told, as a figure to weigh. */
export const suddenRise = 1.5

/**
 * The last 7 days over the mean week of the last 28, these included: 1, no more than usual. Nothing before 28 days are known, nor
 * where nothing was done in them.
 * Source: Hulin, Gabbett and others, 2014 to 2016 (from memory); disputed: a figure, no prediction.
 */
export function recentByUsual(days: DailyLoads): number | undefined {
  if (days.length < 28) return undefined
  const usual = sum(days.slice(-28)) / 4
  return usual === 0 ? undefined : sum(days.slice(-7)) / usual
}
