import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { demoPeople } from '../../../scripts/demo/people'
import { matchColumns, pastedNames, peopleColumns, peopleRows, readPeople } from './people-table'

let counter = 0
const newId = () => `t${counter++}`
const parse = (text: string) => Papa.parse<string[]>(text, { skipEmptyLines: true }).data

describe('a table of people', () => {
  it('comes back through CSV as it was: quotes, commas, line breaks and umlauts too (RFC 4180, read by papaparse)', () => {
    const odd = [...demoPeople, { ...demoPeople[0]!, name: 'Jörg "der, Lange"', goEasyNote: 'says:\r\n"left, not right"' }]
    const text = `\ufeff${Papa.unparse([[...peopleColumns], ...peopleRows(odd)])}`
    const [headings, ...rows] = parse(text) as [string[], ...string[][]]
    const read = readPeople(rows, matchColumns(headings), newId)
    const people = read.map((row) => ('person' in row ? row.person : row.wrong))
    expect(people).toEqual(odd.map((person) => ({ ...person, id: expect.any(String), loads: {}, goEasyNote: person.goEasyNote.replace('\r\n', '\n') })))
  })

  it('guesses the columns of another table by their headings', () => {
    expect(matchColumns(['Comments', 'First name', 'Experience', 'Injuries'])).toEqual({ name: 1, level: 2, 'easy on': 3, note: 0 })
    expect(matchColumns(['A', 'B'])).toEqual({ name: 0 })
  })

  it('tells what is wrong with a row, by its line, and takes the others', () => {
    const rows = [['Ada', 'new', 'knee; low back', ''], ['Bo', 'expert', '', ''], ['Cy', '', 'elbow', ''], ['', '', '', ''], ['', 'new', '', 'x'], ['ada', '', '', '']]
    const read = readPeople(rows, { name: 0, level: 1, 'easy on': 2, note: 3 }, newId)
    expect(read[0]).toMatchObject({ line: 2, person: { name: 'Ada', level: 'newcomer', goEasy: ['knee', 'lowBack'] } })
    expect(read.slice(1).map((row) => [row.line, 'wrong' in row && row.wrong])).toEqual([
      [3, 'level "expert" must be newcomer, regular or trained'],
      [4, expect.stringContaining('"elbow" is nothing one can go easy on here')],
      [6, 'name must not be empty'],
      [7, 'ada is there already: give one of them a second letter'],
    ])
  })

  it('reads a pasted list of names', () => {
    expect(pastedNames(' Oren\nTove, Ilse;\n\nOren ')).toEqual(['Oren', 'Tove', 'Ilse'])
  })
})
