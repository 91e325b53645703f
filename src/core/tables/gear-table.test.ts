import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { demoGear, demoRooms } from '../../../scripts/demo/hall'
import { GearKind, namedIn, usableIn } from '../library/gear-kind'
import { gearColumns, gearRows, likelyGearColumns, mergedKinds, readGear } from './gear-table'
import { matchColumns } from './table'
import { kilogramsPerPound, readWeight, showWeight } from '../library/weight'

let counter = 0
const newId = () => `g${counter++}`
const hall = { rooms: demoRooms, unit: 'kg' as const }

describe('weights', () => {
  it('a pound is 0.45359237 kg (International Yard and Pound Agreement, 1959)', () => {
    expect(readWeight('10 lb', 'kg')).toBeCloseTo(10 * kilogramsPerPound, 3)
    expect(readWeight('100 pounds', 'kg')).toBeCloseTo(45.359, 3)
    expect([readWeight('2,5', 'kg'), readWeight('2.5kg', 'lb'), readWeight('5', 'lb')]).toEqual([2.5, 2.5, 2.268])
  })

  it('what is typed in pounds is shown as it was typed, stored once in kilograms', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), (halfPounds) => {
        const typed = `${halfPounds / 2} lb`
        expect(showWeight(readWeight(typed, 'kg')!, 'lb')).toBe(typed)
      }),
    )
  })

  it('nothing else is a weight: zero, none, a tonne and more, words', () => {
    for (const text of ['', '0', '0 kg', '-3', 'heavy', '5 st', '1001', '4 kg 2']) expect(readWeight(text, 'kg'), text).toBeUndefined()
  })
})

describe('a table of gear', () => {
  it('comes back through CSV as it was (RFC 4180, read by papaparse)', () => {
    const odd: GearKind[] = [
      ...demoGear,
      {
        id: 'odd',
        name: 'Ball, "soft"',
        form: 'single',
        roomId: 'drying-loft',
        sizes: [{ id: 'a', label: 'größer', owned: 4, broken: 1, lent: 2 }],
      },
    ]
    const [headings, ...rows] = Papa.parse<string[]>(Papa.unparse([[...gearColumns], ...gearRows(odd, hall)])).data as [
      string[],
      ...string[][],
    ]
    const read = readGear(rows, matchColumns(headings, likelyGearColumns, 'kind'), newId, hall)
    const values = read.map((row) => ('value' in row ? row.value : expect.unreachable(row.wrong)))
    expect(mergedKinds(values, odd, newId)).toEqual(odd.map((kind) => ({ ...kind, sizes: kind.sizes })))
    // Without the hall's own kinds they are new, in the same numbers.
    const fresh = mergedKinds(values, [], newId)
    expect(fresh.map((kind) => [kind.name, kind.form, kind.sizes.map((size) => [size.kilograms, size.owned])])).toEqual(
      odd.map((kind) => [kind.name, kind.form, kind.sizes.map((size) => [size.kilograms, size.owned])]),
    )
    for (const kind of fresh) expect(GearKind.safeParse(kind).success).toBe(true)
  })

  it('mixed units, and what is wrong with a row', () => {
    const rows = [
      ['Kettlebell', '', '', '10 lb', '2'],
      ['Kettlebell', '', '', '0', '2'],
      ['Rope', 'dozen', '', '', '2'],
      ['Rope', '', '', '', 'two'],
      ['Rope', '', '', '', '1', '3'],
      ['Rope', '', '', '', '1', '', '', 'Cellar'],
      ['', '', '', '', '1'],
      ['kettlebell', '', '', '10 LB', '1'],
    ]
    const match = { kind: 0, counted: 1, size: 2, weight: 3, owned: 4, broken: 5, lent: 6, room: 7 }
    const read = readGear(rows, match, newId, hall)
    expect(read[0]).toMatchObject({ value: { size: { kilograms: 4.536, owned: 2 } } })
    expect(read.slice(1).map((row) => 'wrong' in row && row.wrong)).toEqual([
      'weight "0" must be a weight such as 4 kg or 10 lb, above zero',
      '"dozen" must be single, pair, place',
      'owned "two" must be a whole number',
      'owned is less than what is broken or lent out',
      '"Cellar" is no room of this hall',
      'kind must not be empty',
      'this size of kettlebell comes twice: put the number in one row',
    ])
  })
})

describe('what can be used', () => {
  const kinds: GearKind[] = [
    {
      id: 'k',
      name: 'Kettlebell',
      form: 'single',
      roomId: 'kiln-floor',
      sizes: [{ id: 'a', label: '', kilograms: 8, owned: 5, broken: 1, lent: 2 }],
    },
  ]
  it('is what is whole, there, and in this room', () => {
    const ownedIn = (roomId: string) => usableIn(kinds, roomId)[0]!.sizes[0]!.owned
    expect([ownedIn('kiln-floor'), ownedIn('drying-loft')]).toEqual([2, 0])
  })
  it('is called by its weight in the hall’s unit', () => {
    expect([namedIn(kinds, 'kg')[0]!.sizes[0]!.label, namedIn(kinds, 'lb')[0]!.sizes[0]!.label]).toEqual(['8 kg', '17.6 lb'])
  })
})
