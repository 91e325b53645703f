import type { Seconds } from '../base/units'
import type { Circuit, Intervals } from './plan'

/** Seconds worked and rested in one stay of a circuit, the break after it included. Breaks that touch merge: the longest stands. */
export function workAndRest({ transition }: Circuit, stay: Intervals): { work: Seconds; rest: Seconds } {
  const positions = stay.workSeconds.length
  const work = stay.sets * stay.workSeconds.reduce((sum, seconds) => sum + seconds, 0)
  const within = stay.sets * (positions - 1) * stay.gapSeconds
  const between = (stay.sets - 1) * Math.max(stay.gapSeconds, stay.setRestSeconds)
  return { work, rest: within + between + Math.max(transition.seconds, stay.gapSeconds, stay.setRestSeconds) }
}

/** `40` and `15` → `2.7 : 1`; without any rest there is no ratio. */
export const ratioWords = (work: Seconds, rest: Seconds): string =>
  rest > 0 ? `${(work / rest).toFixed(1).replace('.0', '')} : 1` : 'no rest'
