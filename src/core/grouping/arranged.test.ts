import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoPeople } from '../../../scripts/demo/people'
import { GroupSize } from './group-size'
import { allWishes, arrangeClass } from './arrange-class'
import { groupsOf } from './arranged'
import { noWishes } from './wishes'

const people = demoPeople.slice(0, 12)
const names = (groups: { id: string }[][]) => groups.map((group) => group.map((person) => person.id))

describe('arranged groups', () => {
  it('stay as they were put; who came since has a group, who left leaves one smaller', () => {
    const arranged = [
      { ids: [people[3]!.id, people[0]!.id], locked: false },
      { ids: [people[1]!.id, 'gone'], locked: false },
    ]
    const here = [people[0]!, people[1]!, people[3]!, people[5]!]
    expect(names(groupsOf({ groupSize: 'pairs', arranged }, here, 8))).toEqual([
      [people[3]!.id, people[0]!.id],
      [people[1]!.id, people[5]!.id],
    ])
  })

  it('nobody is left out or in two groups, whoever comes and goes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...GroupSize.options),
        fc.subarray(demoPeople),
        fc.array(fc.subarray(demoPeople, { minLength: 1, maxLength: 4 }), { maxLength: 6 }),
        fc.integer({ min: 1, max: 12 }),
        (groupSize, here, groups, places) => {
          const arranged = groups.map((group) => ({ ids: group.map((person) => person.id), locked: false }))
          const made = groupsOf({ groupSize, arranged }, here, places)
          expect(
            made
              .flat()
              .map((person) => person.id)
              .sort(),
          ).toEqual(here.map((person) => person.id).sort())
          expect(made.every((group) => group.length > 0)).toBe(true)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('locked groups stay when the rest is made anew; the roster’s own wishes count', () => {
    const wished = people.map((person, index) =>
      index === 4 ? { ...person, keepWith: [people[9]!.id], keepApart: [people[5]!.id] } : person,
    )
    const locked = [{ ids: [people[0]!.id, people[7]!.id], locked: true }]
    const { arranged, clashes, cost, bound } = arrangeClass(
      { groupSize: 'pairs', arranged: locked, wishes: { ...noWishes, levels: 'match' } },
      wished,
      8,
    )
    expect(arranged[0]).toEqual(locked[0])
    expect(arranged.map((group) => [...group.ids].sort())).toContainEqual([people[4]!.id, people[9]!.id].sort())
    expect(arranged.flatMap((group) => group.ids)).toHaveLength(12)
    expect([clashes, cost]).toEqual([[], bound])
    expect(allWishes(undefined, wished).apart).toEqual([[people[4]!.id, people[5]!.id]])
  })

  it('clashing wishes are told, and groups are made all the same', () => {
    const [a, b] = [people[0]!.id, people[1]!.id]
    const made = arrangeClass({ groupSize: 'pairs', wishes: { ...noWishes, together: [[a, b]], apart: [[a, b]] } }, people, 8)
    expect(made.clashes).toHaveLength(1)
    expect(made.arranged.flatMap((group) => group.ids)).toHaveLength(12)
  })
})
