import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPeople } from '../../../scripts/demo/people'
import { solvedPairing } from '../../../tests/fixtures/solver'
import type { Level } from '../library/level'
import { bestGroups, bestPairs } from './arrange'
import { groupCost, pairCost, type Member, type PairCost } from './cost'
import { clashesIn, clashWords, noWishes, type GroupWishes } from './wishes'

const member = (index: number, level: Level = 'regular'): Member => ({ id: `p${index}`, level, loads: {} })
const people = (count: number) => Array.from({ length: count }, (_, index) => member(index))
const fromTable =
  (costs: readonly (readonly number[])[]): PairCost =>
  (one, other) =>
    costs[Number(one.id.slice(1))]![Number(other.id.slice(1))]!
const table = (count: number) =>
  fc
    .array(fc.integer({ min: 0, max: 60 }), { minLength: count * count, maxLength: count * count })
    .map((flat) =>
      Array.from({ length: count }, (_, i) =>
        Array.from({ length: count }, (_, j) => (i === j ? 0 : flat[Math.min(i, j) * count + Math.max(i, j)]!)),
      ),
    )

/** All ways to split into pairs. */
function bruteForce(left: number[], costs: number[][]): number {
  const [first, ...rest] = left
  if (first === undefined) return 0
  return Math.min(
    ...rest.map(
      (other) =>
        costs[first]![other]! +
        bruteForce(
          rest.filter((known) => known !== other),
          costs,
        ),
    ),
  )
}

describe('pairs', () => {
  it('cost as little as any pairing: brute force to 8 people', () => {
    fc.assert(
      fc.property(fc.constantFrom(2, 4, 6, 8).chain(table), (costs) => {
        const count = costs.length
        const { cost, bound, groups } = bestPairs(people(count), fromTable(costs))
        expect(cost).toBe(
          bruteForce(
            people(count).map((_, index) => index),
            costs,
          ),
        )
        expect(bound).toBe(cost)
        expect(groups.flat()).toHaveLength(count)
      }),
      { numRuns: 20 },
    )
  })

  it('cost as little as the mixed-integer solver finds (HiGHS)', () => {
    for (const costs of fc.sample(table(16), { numRuns: 8, seed: 5 }))
      expect(bestPairs(people(16), fromTable(costs)).cost).toBe(solvedPairing(costs))
  })

  it('with an odd number, cost as little as any pairs and trio: brute force to 7 people', () => {
    const least = (left: number[], costs: number[][]): number =>
      Math.min(
        ...left.flatMap((one, i) =>
          left.slice(i + 1).flatMap((other, j) =>
            left.slice(i + j + 2).map(
              (third) =>
                costs[one]![other]! +
                costs[one]![third]! +
                costs[other]![third]! +
                bruteForce(
                  left.filter((index) => ![one, other, third].includes(index)),
                  costs,
                ),
            ),
          ),
        ),
      )
    fc.assert(
      fc.property(fc.constantFrom(3, 5, 7).chain(table), (costs) => {
        const all = people(costs.length)
        const found = bestPairs(all, fromTable(costs))
        expect(found.cost).toBe(
          least(
            all.map((_, index) => index),
            costs,
          ),
        )
        expect(found.bound).toBe(found.cost)
      }),
      { numRuns: 20 },
    )
  })

  it('17 people: the bound holds against what exchanging finds, and is near it', () => {
    for (const costs of fc.sample(table(17), { numRuns: 6, seed: 3 })) {
      const found = bestPairs(people(17), fromTable(costs))
      expect(found.groups.map(({ length }) => length).sort()).toEqual([2, 2, 2, 2, 2, 2, 2, 3])
      expect(found.cost).toBe(found.groups.reduce((sum, group) => sum + groupCost(group, fromTable(costs)), 0))
      expect(found.bound).toBeLessThanOrEqual(found.cost)
      // Any other split into such groups costs no less than the bound.
      for (const shift of [0, 1, 2, 5]) {
        const turned = people(17).map((_, index, all) => all[(index * 3 + shift) % 17]!)
        const other = [turned.slice(0, 3), ...Array.from({ length: 7 }, (_, pair) => turned.slice(3 + 2 * pair, 5 + 2 * pair))]
        expect(other.reduce((sum, group) => sum + groupCost(group, fromTable(costs)), 0)).toBeGreaterThanOrEqual(found.bound)
      }
    }
  })

  it('an odd one joins the pair where it costs least, and nobody is dropped', () => {
    const { groups, bound, cost } = bestPairs(people(7), (one, other) => Math.abs(Number(one.id.slice(1)) - Number(other.id.slice(1))))
    expect(groups.map((group) => group.length).sort()).toEqual([2, 2, 3])
    expect(new Set(groups.flat().map((member) => member.id)).size).toBe(7)
    expect(bound).toBeLessThanOrEqual(cost)
  })
})

describe('what a coach wishes', () => {
  const levels: Level[] = ['newcomer', 'newcomer', 'trained', 'trained']
  const four = levels.map((level, index) => member(index, level))
  const paired = (wishes: Partial<GroupWishes>, past: [string, string][][] = []) =>
    bestPairs(four, pairCost({ ...noWishes, ...wishes }, past)).groups.map((group) =>
      group
        .map((member) => member.id)
        .sort()
        .join(),
    )

  it('levels mixed or matched', () => {
    expect(paired({ levels: 'match' }).sort()).toEqual(['p0,p1', 'p2,p3'])
    expect(paired({ levels: 'mix' })).not.toContain('p0,p1')
  })

  it('together, apart, and not the partner of the last classes', () => {
    expect(paired({ together: [['p0', 'p3']] })).toContain('p0,p3')
    expect(paired({ levels: 'match', apart: [['p0', 'p1']] })).not.toContain('p0,p1')
    const past: [string, string][][] = [
      [
        ['p0', 'p1'],
        ['p2', 'p3'],
      ],
      [
        ['p0', 'p2'],
        ['p1', 'p3'],
      ],
    ]
    expect(paired({ newPartners: 2 }, past).sort()).toEqual(['p0,p3', 'p1,p2'])
    expect(paired({ newPartners: 1 }, past)).not.toContain('p0,p1')
  })

  it('two who are kept apart are apart, whatever else is wished: twelve wishes do not outweigh it', () => {
    const twelve = people(12)
    const trios = [3, 3, 3, 3]
    // All of three groups are wished together, and the fourth with the two who must not meet.
    const together = [0, 3, 6, 9].flatMap((first): [string, string][] => [
      [`p${first}`, `p${first + 1}`],
      [`p${first}`, `p${first + 2}`],
      [`p${first + 1}`, `p${first + 2}`],
    ])
    const wishes = pairCost({ ...noWishes, together, apart: [['p0', 'p1']] })
    const { groups } = bestGroups(twelve, trios, wishes)
    expect(groups.some((group) => group.some(({ id }) => id === 'p0') && group.some(({ id }) => id === 'p1'))).toBe(false)
  })

  it('the sizes people usually take', () => {
    const loaded = four.map((member, index) => ({ ...member, loads: { kettlebell: index % 2 ? '8kg' : '12kg' } }))
    expect(
      bestPairs(loaded, pairCost({ ...noWishes, sharedLoads: true })).groups.map(
        (group) => new Set(group.map((known) => known.loads.kettlebell)).size,
      ),
    ).toEqual([1, 1])
  })

  it('wishes that clash are named, no more of them than it takes', () => {
    const clashes = clashesIn(
      {
        together: [
          ['a', 'b'],
          ['b', 'c'],
          ['x', 'y'],
        ],
        apart: [
          ['a', 'c'],
          ['x', 'z'],
        ],
      },
      3,
    )
    expect(clashes).toEqual([
      {
        together: [
          ['b', 'c'],
          ['a', 'b'],
        ],
        apart: [['a', 'c']],
      },
    ])
    expect(clashWords(clashes[0]!, 3, (id) => id.toUpperCase())).toBe(
      'B and C, A and B together, and A and C apart: not all of it can be. Leave one of them out.',
    )
    const many = clashesIn(
      {
        together: [
          ['a', 'b'],
          ['b', 'c'],
        ],
        apart: [],
      },
      2,
    )
    expect(many).toEqual([
      {
        together: [
          ['a', 'b'],
          ['b', 'c'],
        ],
        apart: [],
      },
    ])
    expect(clashWords(many[0]!, 2, (id) => id)).toContain('more than the 2 of a group')
    expect(clashesIn({ together: [['a', 'b']], apart: [['a', 'c']] }, 2)).toEqual([])
  })

  it('every named set is irreducible: without any one of its wishes nothing of it clashes', () => {
    const id = fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f')
    const pair = fc.tuple(id, id).filter(([one, other]) => one !== other)
    fc.assert(
      fc.property(
        fc.array(pair, { maxLength: 7 }),
        fc.array(pair, { maxLength: 4 }),
        fc.integer({ min: 2, max: 4 }),
        (together, apart, size) => {
          for (const clash of clashesIn({ together, apart }, size)) {
            expect(clashesIn(clash, size).length).toBeGreaterThan(0)
            clash.together.forEach((_, index) =>
              expect(clashesIn({ ...clash, together: clash.together.filter((_, at) => at !== index) }, size)).toEqual([]),
            )
            if (clash.apart.length > 0)
              expect(clashesIn({ ...clash, apart: [] }, size).filter((clash) => clash.apart.length > 0)).toEqual([])
          }
        },
      ),
    )
  })
})

describe('trios and more', () => {
  it('everybody has a place, the points are those of the groups, and the bound is not above them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 13 }).chain(table), fc.integer({ min: 2, max: 5 }), (costs, size) => {
        const count = costs.length
        const groupsWanted = Math.max(1, Math.floor(count / size))
        const sizes = Array.from(
          { length: groupsWanted },
          (_, index) => Math.floor(count / groupsWanted) + (index < count % groupsWanted ? 1 : 0),
        )
        const cost = fromTable(costs)
        const found = bestGroups(people(count), sizes, cost)
        expect(found.groups.map((group) => group.length)).toEqual(sizes)
        expect(new Set(found.groups.flat()).size).toBe(count)
        expect(found.cost).toBe(found.groups.reduce((sum, group) => sum + groupCost(group, cost), 0))
        expect(found.bound).toBeLessThanOrEqual(found.cost)
      }),
      { numRuns: 30 },
    )
  })

  it('six trios of real people with mixed levels: better than as they came', () => {
    const eighteen = demoPeople.slice(0, 18)
    const cost = pairCost({ ...noWishes, levels: 'mix' })
    const came = [0, 1, 2, 3, 4, 5].reduce((sum, group) => sum + groupCost(eighteen.slice(group * 3, group * 3 + 3), cost), 0)
    const { cost: found, bound } = bestGroups(eighteen, [3, 3, 3, 3, 3, 3], cost)
    expect(found).toBeLessThanOrEqual(came)
    expect(bound).toBeLessThanOrEqual(found)
  })
})
