import { limits } from '../base/limits'
import { formatSeconds } from '../base/units'
import type { Draft } from './draft'
import type { Phrase, PhraseOf } from './phrase'

export type Clock = Extract<Phrase, { kind: keyof typeof sets }>

/** What each phrase of the clock says of a circuit. */
const sets = {
  work: (phrase: PhraseOf<'work'>) => ({ work: phrase.seconds }),
  workOff: ({ work, off }: PhraseOf<'workOff'>) => ({ work: [work], off: { seconds: off } }),
  countedTimes: ({ count, seconds }: PhraseOf<'countedTimes'>) => ({ work: [seconds], countedTimes: count }),
  off: ({ seconds, moves, active }: PhraseOf<'off'>) => ({ off: { seconds, ...(moves && { moves }), ...(active && { active }) } }),
  stations: ({ count }: { count: number }) => ({ stations: count }),
  exercises: ({ count }: { count: number }) => ({ exercises: count }),
  perPlace: ({ count }: { count: number }) => ({ perPlace: count }),
  sets: ({ count }: { count: number }) => ({ sets: count }),
  turns: ({ count }: { count: number }) => ({ turns: count }),
  laps: ({ count, round }: PhraseOf<'laps'>) => ({ laps: count, ...(round && { inLaps: true }) }),
  gap: ({ seconds }: { seconds: number }) => ({ gap: seconds }),
  aim: ({ count }: { count: number }) => ({ aim: count }),
  opener: ({ count }: { count: number }) => ({ opener: count }),
  between: ({ seconds }: { seconds: number }) => ({ between: seconds }),
  betweenExercises: ({ seconds }: { seconds: number }) => ({ betweenExercises: seconds }),
  after: ({ seconds }: { seconds: number }) => ({ after: seconds }),
  cap: ({ seconds }: { seconds: number }) => ({ cap: seconds }),
  window: ({ seconds }: { seconds: number }) => ({ window: seconds }),
  everyWindow: ({ seconds, times }: PhraseOf<'everyWindow'>): Partial<Draft> => ({
    ...{ goal: 'time', window: seconds },
    ...(times !== undefined && { laps: times }),
  }),
  rungRest: ({ seconds }: { seconds: number }) => ({ rungRest: seconds }),
  rungTime: ({ seconds }: { seconds: number }) => ({ rungTime: seconds }),
  goal: ({ goal, seconds }: PhraseOf<'goal'>) => ({ goal, ...(seconds !== undefined && { cap: seconds }) }),
  ladder: ({ rungs }: { rungs: number[] }) => ({ rungs }),
  led: () => ({ led: true }),
  lists: () => ({ lists: true }),
  together: () => ({ together: true }),
  pairs: ({ pairs }: PhraseOf<'pairs'>) => ({ pairs }),
  lastGap: () => ({ lastGap: true }),
  explained: () => ({ explained: true }),
} as const

export const isClock = (phrase: Phrase): phrase is Clock => phrase.kind in sets
export const said = (phrase: Clock): Partial<Draft> => (sets[phrase.kind] as (phrase: Clock) => Partial<Draft>)(phrase)

/** The least and the most that each count may be. */
const counts: Partial<Record<keyof Draft, [number, number]>> = {
  stations: [1, limits.stations],
  exercises: [1, limits.stations],
  countedTimes: [1, limits.stations],
  perPlace: [1, limits.positions],
  laps: [1, limits.laps],
  turns: [1, limits.turns],
  sets: [1, limits.sets],
  aim: [1, limits.reps],
  opener: [1, limits.uses],
  rungs: [1, limits.reps],
}
/** The shortest of each time, where it is not a second; none is longer than an hour. */
const shortest: Partial<Record<keyof Draft, number>> = { between: 0, betweenExercises: 0, after: 0, rungRest: 0, total: 5 }
const longest = 3600

/** Why a plan cannot hold what is said; nothing where it can. */
export function unfit(field: Partial<Draft>): string | undefined {
  for (const [key, value] of Object.entries(field)) {
    const count = counts[key as keyof Draft]
    const [least, most] = count ?? [shortest[key as keyof Draft] ?? 1, longest]
    const figures = figuresOf(key, value)
    if (key === 'name' && (value as string).length > limits.nameLength) return `at most ${limits.nameLength} letters`
    if ((key === 'told' || key === 'way') && (value as string).length > limits.noteLength) return `at most ${limits.noteLength} letters`
    if (key === 'work' && figures.length > limits.positions) return `at most ${limits.positions} lengths of work in turn`
    if (key === 'rungs' && figures.length > limits.sets) return `at most ${limits.sets} rungs`
    if (figures.some((figure) => figure < least || figure > most))
      return count ? `from ${least} to ${most}` : `from ${formatSeconds(least)} to ${formatSeconds(most)}`
  }
  return undefined
}

/** The figures of a field that have bounds. */
function figuresOf(key: string, value: unknown): number[] {
  if (typeof value === 'number') return [value]
  if (key === 'off') return [Math.max(1, (value as { seconds: number }).seconds)]
  return Array.isArray(value) ? (value as number[]) : []
}
