import type { Use } from '../plan/plan'
import type { Seconds } from '../base/units'

/** Seconds of one rep at the tempo written, if there is one. */
export const tempoSeconds = (use: Pick<Use, 'tempo'>): Seconds | undefined =>
  use.tempo?.figures.reduce((total, figure) => total + figure, 0) || undefined

/** Whole reps that fit an interval at a tempo: 5 of 7 s in 36 s. */
export const repsWithin = (seconds: Seconds, repSeconds: Seconds): number => Math.floor(seconds / repSeconds)

/** One word of a count, and when it is said. */
export interface TempoCount {
  at: Seconds
  text: string
  /** As it is shown, where the word alone says too little. */
  shown: string
}

/** The parts of a rep in the order in which it begins, those of no length left out. */
export function tempoParts(tempo: NonNullable<Use['tempo']>): { text: string; seconds: Seconds }[] {
  const [lower, low, raise, high] = tempo.figures
  const down = [
    { text: 'down', seconds: lower },
    { text: 'hold', seconds: low },
  ]
  const up = [
    { text: 'up', seconds: raise },
    { text: 'hold', seconds: high },
  ]
  return (tempo.from === 'top' ? [...down, ...up] : [...up, ...down]).filter(({ seconds }) => seconds > 0)
}

/**
 * The count of an exercise at its tempo, at true seconds, for as many whole reps as fit: its four figures are lower, hold, raise,
 * hold, in the order in which a rep begins (`from` the top: lowering; from the bottom: raising). Each part is named in its first
 * second and counted on from two. A figure of 0 is left out.
 */
export function tempoCount(tempo: NonNullable<Use['tempo']>, seconds: Seconds): TempoCount[] {
  const parts = tempoParts(tempo)
  const one = tempoSeconds({ tempo })
  if (!one) return []
  let clock: Seconds = 0
  return Array.from({ length: repsWithin(seconds, one) }).flatMap(() =>
    parts.flatMap((part) => {
      const words = Array.from({ length: part.seconds }, (_, second): TempoCount => ({
        at: clock + second,
        text: second === 0 ? part.text : String(second + 1),
        shown: `${part.text} ${second + 1}`,
      }))
      clock += part.seconds
      return words
    }),
  )
}

/** Reps counted at a set pace: as many as are called, evenly through the interval, each said as it begins. */
export const repCount = (reps: number, seconds: Seconds): TempoCount[] =>
  Array.from({ length: reps }, (_, rep) => ({ at: (rep * seconds) / reps, text: String(rep + 1), shown: `${rep + 1} of ${reps}` }))
