import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { demoGear } from '../../../scripts/demo/hall'
import { demoPeople } from '../../../scripts/demo/people'
import type { Person } from '../library/person'
import { likelyPeopleColumns, pastedNames, peopleColumns, peopleRows, readPeople } from './people-table'
import { matchColumns } from './table'

let counter = 0
const newId = () => `t${counter++}`
const nobody = { people: [], gear: demoGear }
const headed = (headings: string[]) => matchColumns(headings, likelyPeopleColumns, 'name')
const parse = (text: string) => Papa.parse<string[]>(text, { skipEmptyLines: true }).data

describe('a table of people', () => {
  it('comes back through CSV as it was: quotes, commas, line breaks and umlauts too (RFC 4180, read by papaparse)', () => {
    const [first, second] = demoPeople
    const odd = [
      ...demoPeople,
      {
        ...first!,
        id: 'odd',
        name: 'Jörg "der, Lange"',
        goEasyNote: 'says:\r\n"left, not right"',
        keepWith: [second!.id],
        keepApart: [first!.id],
      },
    ]
    const text = `\ufeff${Papa.unparse([[...peopleColumns], ...peopleRows(odd, { people: odd, gear: demoGear })])}`
    const [headings, ...rows] = parse(text) as [string[], ...string[][]]
    const read = readPeople(rows, headed(headings), newId, nobody)
    const people = read.map((row) => ('value' in row ? row.value : row.wrong))
    const idOf = new Map(odd.map((person, index) => [person.id, (people[index] as Person).id]))
    const fresh = (ids: string[] | undefined) => ids?.map((id) => idOf.get(id))
    expect(people).toEqual(
      odd.map(({ keepWith, keepApart, ...person }) => ({
        ...person,
        id: expect.any(String),
        goEasyNote: person.goEasyNote.replace('\r\n', '\n'),
        ...(keepWith && { keepWith: fresh(keepWith) }),
        ...(keepApart && { keepApart: fresh(keepApart) }),
      })),
    )
  })

  it('guesses the columns of another table by their headings', () => {
    expect(headed(['Comments', 'First name', 'Experience', 'Injuries'])).toEqual({ name: 1, level: 2, 'easy on': 3, note: 0 })
    expect(headed(['A', 'B'])).toEqual({ name: 0 })
  })

  it('tells what is wrong with a row, by its line, and takes the others', () => {
    const rows = [
      ['Ada', 'new', 'knee; low back', ''],
      ['Bo', 'expert', '', ''],
      ['Cy', '', 'elbow', ''],
      ['', '', '', ''],
      ['', 'new', '', 'x'],
      ['ada', '', '', ''],
      ['Di', '', '', '', 'anvil 4 kg'],
      ['Ed', '', '', '', '', 'Nobody'],
      ['Fi', '', '', '', '', '', '', 'last spring'],
    ]
    const read = readPeople(rows, { name: 0, level: 1, 'easy on': 2, note: 3, takes: 4, 'keep with': 5, 'agreed on': 7 }, newId, nobody)
    expect(read[0]).toMatchObject({ line: 2, value: { name: 'Ada', level: 'newcomer', goEasy: ['knee', 'lowBack'] } })
    expect(read.slice(1).map((row) => [row.line, 'wrong' in row && row.wrong])).toEqual([
      [3, 'level "expert" must be newcomer, regular or trained'],
      [4, expect.stringContaining('"elbow" is nothing one can go easy on here')],
      [6, 'name must not be empty'],
      [7, 'ada is there already: give one of them a second letter'],
      [8, expect.stringContaining('"anvil 4 kg" is no gear of this hall in a size, such as')],
      [9, 'Nobody, to be kept with or apart, is neither in the hall nor in this table'],
      [10, 'agreedOn must be a day, such as 2027-01-31'],
    ])
  })

  it('reads a pasted list of names', () => {
    expect(pastedNames(' Oren\nTove, Ilse;\n\nOren ')).toEqual(['Oren', 'Tove', 'Ilse'])
  })
})
