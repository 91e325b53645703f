import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { libraryExercises } from '../../../scripts/library/exercises'
import { looseTexts } from '../../../tests/fixtures/loose/texts'
import { skeleton } from '../../../tests/fixtures/loose/skeleton'
import { Plan } from '../plan/plan'
import { phrasesOf } from './phrase'
import { longestText, readText } from './read'

let counter = 0
const newId = () => `new${counter++}`
const read = (text: string) => readText(text, libraryExercises, newId)
const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []

describe('a class as people write it', () => {
  it.each(looseTexts.map((loose) => [loose.name, loose] as const))('%s', (_, { text, gives, size, missed = [] }) => {
    const found = read(text)
    expect(skeleton(found.plan)).toEqual(gives)
    expect(found.size).toBe(size)
    expect(Plan.safeParse(found.plan).error).toBeUndefined()
    // Only what no plan can hold is not in it.
    expect(found.missed.flatMap((miss) => wordsOf(miss.text)).filter((word) => !wordsOf(missed.join(' ')).includes(word))).toEqual([])
  })

  const lines = looseTexts.flatMap(({ text }) => text.split('\n'))
  const anything = fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom(...lines) },
    { weight: 1, arbitrary: fc.string({ unit: 'grapheme', maxLength: 60 }) },
    {
      weight: 2,
      arbitrary: fc.array(fc.constantFrom(...lines.flatMap((line) => line.split(' '))), { maxLength: 9 }).map((words) => words.join(' ')),
    },
  )

  it('whatever is written gives a sound plan, and nothing of it is dropped without a word', () => {
    fc.assert(
      fc.property(fc.array(anything, { maxLength: 40 }), (written) => {
        const text = written.join('\n')
        const { plan, missed } = read(text)
        expect(Plan.safeParse(plan).error).toBeUndefined()
        // A miss is where it says.
        const all = text.split(/\r?\n/)
        for (const { line, from, to, text: words } of missed) expect(all[line]!.slice(from, to)).toBe(words)
      }),
      { numRuns: 300 },
    )
  })

  it('a line is all in its phrases, each in its place', () => {
    fc.assert(
      fc.property(anything, (line) => {
        const phrases = phrasesOf(line)
        expect(phrases.every(({ from, to }, index) => from < to && from >= (phrases[index - 1]?.to ?? 0))).toBe(true)
        let rest = line
        for (const { from, to } of phrases) rest = rest.slice(0, from) + ' '.repeat(to - from) + rest.slice(to)
        expect(rest.trim()).toBe('')
      }),
    )
  })

  it('a figure that is said twice, or that no plan can hold, is told', () => {
    expect(read('40 on, 20 off, 30 on\nsquats').missed.map(({ text }) => text)).toEqual(['40 on'])
    expect(read('99 stations, 40 on\nsquats').missed).toMatchObject([{ text: '99 stations', why: 'from 1 to 40' }])
    expect(read('').plan.parts).toHaveLength(1)
  })

  it('of a text that is too long the rest is told as not read', () => {
    const { missed } = read('20 squats\n'.repeat(20_000))
    expect(missed.at(-1)!.text.length).toBe(200_000 - longestText)
  })
})
