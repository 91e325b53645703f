import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { groupSizesWord, makeGroups } from './groups'

const people = (count: number) => Array.from({ length: count }, (_, index) => index)

describe('makeGroups', () => {
  it('of three or four are made with one fewer rather than one too many; pairs take a third in', () => {
    const sizes = (count: number, size: 'pairs' | 'trios' | 'fours') =>
      makeGroups(Array.from({ length: count }), size, 8).map((group) => group.length)
    expect(sizes(7, 'fours')).toEqual([4, 3])
    expect(sizes(11, 'fours')).toEqual([4, 4, 3])
    expect(sizes(5, 'trios')).toEqual([3, 2])
    expect(sizes(5, 'pairs')).toEqual([3, 2])
  })

  it('17 in pairs: seven pairs and a trio, nobody alone', () => {
    expect(makeGroups(people(17), 'pairs', 8).map((group) => group.length)).toEqual([3, 2, 2, 2, 2, 2, 2, 2])
  })

  it('fits 17 people on 8 stations as evenly as can be', () => {
    expect(makeGroups(people(17), 'fit', 8)).toHaveLength(8)
    expect(makeGroups(people(5), 'fit', 8).map((group) => group.length)).toEqual([1, 1, 1, 1, 1])
  })

  it('never drops or doubles anybody, and sizes differ by one at the most unless people are too few', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.constantFrom('solo' as const, 'pairs' as const, 'trios' as const, 'fours' as const, 'fit' as const),
        fc.integer({ min: 1, max: 20 }),
        (count, size, stations) => {
          const groups = makeGroups(people(count), size, stations)
          expect(groups.flat()).toEqual(people(count))
          const sizes = groups.map((group) => group.length)
          if (count > 0) expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1)
          if (size === 'fit') expect(groups.length).toBeLessThanOrEqual(stations)
        },
      ),
    )
  })
})

describe('groupSizesWord', () => {
  it('says sizes as people do', () => {
    expect(groupSizesWord([1, 1])).toBe('working solo')
    expect(groupSizesWord([2, 2])).toBe('in pairs')
    expect(groupSizesWord([2, 3, 2])).toBe('in 2 pairs and 1 trio')
    expect(groupSizesWord([5])).toBe('in groups of 5')
  })
})
