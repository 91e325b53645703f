import { distance } from 'fastest-levenshtein'
import type { Exercise } from '../library/exercise'
import { formsOf } from '../library/form'

/** Words of the trade that are easily mistyped. */
const words = [
  'stations',
  'exercises',
  'laps',
  'rounds',
  'times',
  'work',
  'rest',
  'between',
  'seconds',
  'minutes',
  'pairs',
  'together',
  'warm-up',
  'cool-down',
  'finisher',
  'brief',
  'water',
  'swap',
  'ladder',
  'optional',
  'each side',
  'for time',
  'as many rounds as possible',
  'station',
]

/** What was likely meant by words that were not understood: the nearest name or word of the trade, where one is near enough. */
export function meantBy(exercises: readonly Exercise[]): (text: string) => string | undefined {
  const names = exercises.flatMap((exercise) => [exercise.name, ...(exercise.aliases ?? []), ...formsOf(exercise).map(({ name }) => name)])
  const known = [...new Set([...names, ...words])].map((name) => ({ name, small: name.toLowerCase() }))
  return (text) => {
    const small = text.toLowerCase().trim()
    const most = Math.min(4, Math.floor(small.length / 3))
    let best: { name: string; far: number } | undefined
    for (const { name, small: other } of known) {
      // Who mistypes a word mostly begins it right.
      if (other[0] !== small[0] || Math.abs(other.length - small.length) > most) continue
      const far = distance(small, other)
      if (far <= most && far < (best?.far ?? Infinity)) best = { name, far }
    }
    return best?.name
  }
}
