import { deburr } from 'es-toolkit'
import { matchSorter } from 'match-sorter'
import { strainNames, type Exercise } from '../library/exercise'
import { formsOf } from '../library/form'

/** An exercise with all that it can be found by. */
interface Entry {
  exercise: Exercise
  names: string[]
  words: string[]
  /** Words of the exercise alone, not of its options: what "no" is asked of. */
  own: string[]
}

export type ExerciseSearch = (query: string) => Exercise[]

const impactWords = { none: [], low: ['impact'], high: ['impact', 'jump', 'jumps'] } as const

/**
 * A search through the exercises by anything that is known of them: name, options, region, pattern, stance, gear, impact, sides,
 * what they ask of the body, form. Words are joined by "and"; `no` or `without` before one leaves out what has it: `core, no jump,
 * no gear`. What matches by name comes first. An empty query finds all, in the order given.
 */
export function exerciseSearch(exercises: readonly Exercise[], gearNames: ReadonlyMap<string, string>): ExerciseSearch {
  const entries = exercises.map((exercise): Entry => {
    const own = [
      exercise.name,
      ...exercise.regions,
      exercise.pattern,
      exercise.stance,
      ...(exercise.stance === 'lying' || exercise.stance === 'kneeling' ? ['floor'] : []),
      ...impactWords[exercise.impact],
      exercise.oneSided ? 'one-sided' : 'two-sided',
      ...exercise.asks.map((strain) => strainNames[strain]),
      ...exercise.gear.flatMap((need) => ['gear', gearNames.get(need.kindId) ?? need.kindId]),
    ].flatMap(wordsOf)
    const names = [exercise.name, ...(exercise.aliases ?? [])]
    const rest = [...names, ...formsOf(exercise).map((form) => form.name), exercise.setUp, ...exercise.points].flatMap(wordsOf)
    return { exercise, names: names.flatMap(spelled), own, words: [...own, ...rest] }
  })
  return (query) => {
    const { wanted, unwanted } = termsOf(query)
    const left = entries.filter(({ own }) => !unwanted.some((term) => own.some((word) => word.startsWith(term))))
    const found = wanted.reduceRight((entriesLeft, term) => foundBy(term, entriesLeft), left)
    // Who types a whole name means that one, whatever else has its words.
    const named = matchSorter(found, asTyped(query).join(' '), {
      keys: ['names'],
      threshold: matchSorter.rankings.CONTAINS,
      // Of names that fit as well, the one with less besides what was typed.
      baseSort: (one, other) => one.rankedValue.length - other.rankedValue.length,
    })
    return [...new Set([...named, ...found])].map(({ exercise }) => exercise)
  }
}

/**
 * What one term finds: letters that only come in the same order are no match ("rdl" is no reverse lunge). Of its words, which are many,
 * one that begins with the term is enough; of what fits as well, that comes first which begins with it earlier.
 */
function foundBy(term: string, entries: readonly Entry[]): Entry[] {
  const first = new Map(entries.map((entry) => [entry, entry.words.findIndex((word) => word.startsWith(term))]))
  const { STARTS_WITH, ACRONYM } = matchSorter.rankings
  return matchSorter(entries, term, {
    keys: [
      { key: (entry) => (first.get(entry) === -1 ? '' : term), threshold: STARTS_WITH, maxRanking: STARTS_WITH },
      { key: 'names', threshold: ACRONYM },
    ],
    baseSort: (one, other) => first.get(one.item)! - first.get(other.item)!,
  })
}

const asTyped = (text: string): string[] =>
  deburr(text)
    .toLowerCase()
    .replaceAll('’', "'")
    .split(/[\s,.;:()/]+/)
    .filter(Boolean)

/** With the parts of a word that is written with a hyphen, apart and as one: push-up, push up, pushup. */
const wordsOf = (text: string): string[] =>
  asTyped(text).flatMap((word) => (word.includes('-') ? [word, ...word.split('-').filter(Boolean), word.replaceAll('-', '')] : [word]))

/** A name as people type it: with its hyphens, without, and in one word. */
const spelled = (name: string): string[] => (name.includes('-') ? [name, name.replaceAll('-', ' '), name.replaceAll('-', '')] : [name])

/** The words of a query, and those after "no" or "without"; a plural finds the singular. */
function termsOf(query: string): { wanted: string[]; unwanted: string[] } {
  const wanted: string[] = []
  const unwanted: string[] = []
  let negative = false
  for (const word of asTyped(query)) {
    if (word === 'no' || word === 'without') {
      negative = true
      continue
    }
    const term = word.length > 3 ? word.replace(/s$/, '') : word
    if (negative) unwanted.push(term)
    else wanted.push(term)
    negative = false
  }
  return { wanted, unwanted }
}
