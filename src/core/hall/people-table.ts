import type { Level } from '../plan/plan'
import { read } from '../plan/read'
import { Strain, strainNames } from './exercise'
import { Person } from './person'

/** The columns of a table of people, as it is written and as it is read. */
export const peopleColumns = ['name', 'level', 'easy on', 'note'] as const
export type PeopleColumn = (typeof peopleColumns)[number]

/** Which column of a table each of ours is; what is missing is left at its default. */
export type ColumnMatch = Partial<Record<PeopleColumn, number>>

/** A row read from a table: the person, or what is wrong with it. */
export type PeopleRow = { line: number; text: string } & ({ person: Person } | { wrong: string })

const likely: Record<PeopleColumn, RegExp> = { name: /name|who|person/i, level: /level|stage|experience/i, 'easy on': /easy|limit|injur|avoid/i, note: /note|comment|remark/i }

/** Guesses which column is which by its heading; the first column is the name if no heading says so. */
export function matchColumns(headings: readonly string[]): ColumnMatch {
  const match: ColumnMatch = {}
  for (const column of peopleColumns) {
    const at = headings.findIndex((heading, index) => likely[column].test(heading) && !Object.values(match).includes(index))
    if (at >= 0) match[column] = at
  }
  if (match.name === undefined && headings.length > 0) match.name = 0
  return match
}

const levels: Record<string, Level> = { '': 'regular', newcomer: 'newcomer', new: 'newcomer', beginner: 'newcomer', regular: 'regular', mixed: 'regular', trained: 'trained', advanced: 'trained' }

const strainByWord = new Map(Strain.options.flatMap((strain): [string, Strain][] => [[strain.toLowerCase(), strain], [strainNames[strain].toLowerCase(), strain]]))

/** Reads rows as people, each with what is wrong in words; lines are counted from 2, after the headings. Names that are `known` or come twice are told. */
export function readPeople(rows: readonly (readonly string[])[], match: ColumnMatch, newId: () => string, known: ReadonlySet<string> = new Set()): PeopleRow[] {
  const seen = new Set([...known].map((name) => name.toLowerCase()))
  return rows.flatMap((cells, index): PeopleRow[] => {
    const cell = (column: PeopleColumn) => (match[column] === undefined ? '' : (cells[match[column]] ?? '').replace(/\r\n?/g, '\n').trim())
    const line = index + 2
    const text = cells.join(', ')
    if (cells.every((each) => each.trim() === '')) return []
    const name = cell('name')
    const level = levels[cell('level').toLowerCase()]
    if (!level) return [{ line, text, wrong: `level "${cell('level')}" must be newcomer, regular or trained` }]
    const words = cell('easy on').split(/[;,/]+/).map((word) => word.trim().toLowerCase()).filter(Boolean)
    const unknown = words.find((word) => !strainByWord.has(word))
    if (unknown) return [{ line, text, wrong: `"${unknown}" is nothing one can go easy on here: ${Object.values(strainNames).join(', ')}` }]
    const result = read(Person, { id: newId(), name, level, goEasy: [...new Set(words.map((word) => strainByWord.get(word)!))], goEasyNote: cell('note'), loads: {} })
    if (!result.ok) return [{ line, text, wrong: result.problems[0]!.message }]
    if (seen.has(name.toLowerCase())) return [{ line, text, wrong: `${name} is there already: give one of them a second letter` }]
    seen.add(name.toLowerCase())
    return [{ line, text, person: result.value }]
  })
}

/** The roster as rows under `peopleColumns`, to be read again by `readPeople`. */
export const peopleRows = (people: readonly Person[]): string[][] => people.map((person) => [person.name, person.level, person.goEasy.map((strain) => strainNames[strain]).join('; '), person.goEasyNote])

/** A list as it is pasted, one name to a line or between commas: the names, trimmed, each once. */
export const pastedNames = (text: string): string[] => [...new Set(text.split(/[\n,;]+/).map((name) => name.trim()).filter(Boolean))]
