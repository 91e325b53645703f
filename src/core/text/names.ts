import { LRUCache } from 'lru-cache'
import type { Exercise } from '../library/exercise'
import { formsOf } from '../library/form'

/** An exercise of the hall by one of its names, and which of the words name it. */
export interface Named {
  exercise: Exercise
  optionId?: string
  /** Words of the name among those asked of, from the first to the last but one. */
  from: number
  to: number
}

const short = new Map([
  ['med', 'medicine'],
  ['kb', 'kettlebell'],
  ['db', 'dumbbell'],
  ['bb', 'barbell'],
  ['bw', 'bodyweight'],
  ['situp', 'sit up'],
  ['pushup', 'push up'],
])
const filler = new Set(['the', 'a', 'an', 'of', 'your', 'with', 'hold'])

/** A name as it is compared: small letters, a singular for a plural, hyphens and small words left out. */
const wordsOfName = (name: string): string[] =>
  name
    .toLowerCase()
    .replaceAll('’', "'")
    .split(/[^\p{L}\p{N}.']+/u)
    .flatMap((word) => (short.get(word) ?? word).split(' '))
    .map((word) => (word.length > 2 && !word.endsWith('ss') ? word.replace(/(?<=(?:ch|sh|x|ss))es$|s$/, '') : word))
    .filter((word) => word !== '' && !filler.has(word))

/** Finds an exercise in words: the longest run of them that is a name, an alias, or an option of one. */
export type FindName = (words: readonly string[]) => Named | undefined

const made = new WeakMap<readonly Exercise[], FindName>()

/** Finds exercises of a hall by what people write. */
export function exerciseNames(exercises: readonly Exercise[]): FindName {
  const before = made.get(exercises)
  if (before) return before
  const find = finderOf(exercises)
  // With each key that is typed, all names but one are asked for again.
  const found = new LRUCache<string, { named: Named | undefined }>({ max: 1000 })
  const again: FindName = (words) => {
    const key = words.join(' ')
    const { named } = found.get(key) ?? { named: find(words) }
    found.set(key, { named })
    return named
  }
  made.set(exercises, again)
  return again
}

function finderOf(exercises: readonly Exercise[]): FindName {
  const known = new Map<string, { exercise: Exercise; optionId?: string }>()
  // "March" is the march on the spot, where no other name begins so.
  const begun = new Map<string, { exercise: Exercise } | undefined>()
  const add = (name: string, found: { exercise: Exercise; optionId?: string }) => {
    const words = wordsOfName(name)
    for (const key of [words.join(' '), words.filter((word) => word !== 'and').join(' ')])
      if (key !== '' && !known.has(key)) known.set(key, found)
  }
  for (const exercise of exercises) add(exercise.name, { exercise })
  for (const exercise of exercises) for (const alias of exercise.aliases ?? []) add(alias, { exercise })
  for (const exercise of exercises)
    for (const form of formsOf(exercise)) if (form.optionId) add(form.name, { exercise, optionId: form.optionId })
  for (const exercise of exercises) {
    const words = wordsOfName(exercise.name)
    for (let length = 1; length < words.length; length++) {
      const key = words.slice(0, length).join(' ')
      begun.set(key, begun.has(key) ? undefined : { exercise })
    }
  }
  return (words) => {
    const whole = words.flatMap(wordsOfName).join(' ')
    const gerund = whole.replace(/ing$/, '')
    const first = known.get(whole) ?? begun.get(whole) ?? known.get(gerund) ?? begun.get(gerund)
    if (first) return { ...first, from: 0, to: words.length }
    for (let length = words.length - 1; length > 0; length--)
      for (let from = 0; from + length <= words.length; from++) {
        const key = words
          .slice(from, from + length)
          .flatMap(wordsOfName)
          .join(' ')
        // What is as short as "row" is the name of something else with a word before it.
        const found = key.length > 3 ? known.get(key) : undefined
        if (found) return { ...found, from, to: from + length }
      }
    return undefined
  }
}

/** The id by which a plan keeps an exercise that the hall does not have. */
export const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 64)
    .replace(/^-|-$/g, '') || 'exercise'
