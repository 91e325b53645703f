import type { Person } from '../library/person'
import type { Level } from '../library/level'
import type { GroupWishes } from './wishes'

/** How often two people were partners in the classes before, most recent first: `partners[0]` are those of the last class. */
export type PastPartners = readonly (readonly [string, string][])[]

export type Member = Pick<Person, 'id' | 'level' | 'loads'>

/** What two people in one group cost, in whole points: 0 where nothing speaks against it. */
export type PairCost = (one: Member, other: Member) => number

const rank: Record<Level, number> = { newcomer: 0, regular: 1, trained: 2 }

const wished = 20_000
/** So much that no sum of other points outweighs it: as many wishes as can be made, and all else that counts beside them. */
export const forbidden = 10_000_000

const key = (one: string, other: string) => (one < other ? `${one}|${other}` : `${other}|${one}`)

export function pairCost(wishes: GroupWishes, past: PastPartners = []): PairCost {
  const apart = new Set(wishes.apart.map(([one, other]) => key(one, other)))
  const together = new Set(wishes.together.map(([one, other]) => key(one, other)))
  const recent = new Map<string, number>()
  past
    .slice(0, wishes.newPartners)
    .forEach((pairs, ago) =>
      pairs.forEach(([one, other]) => recent.set(key(one, other), (recent.get(key(one, other)) ?? 0) + (wishes.newPartners - ago) * 6)),
    )
  return (one, other) => {
    const both = key(one.id, other.id)
    if (apart.has(both)) return forbidden
    const difference = Math.abs(rank[one.level] - rank[other.level])
    const levels = wishes.levels === 'match' ? difference * 10 : wishes.levels === 'mix' ? (2 - difference) * 10 : 0
    const kinds = wishes.sharedLoads
      ? Object.keys(one.loads).filter((kind) => other.loads[kind] !== undefined && other.loads[kind] !== one.loads[kind]).length * 4
      : 0
    return levels + kinds + (recent.get(both) ?? 0) - (together.has(both) ? wished : 0)
  }
}

/** The points of a group: of every two in it. */
export function groupCost(group: readonly Member[], cost: PairCost): number {
  let sum = 0
  group.forEach((one, index) => group.slice(index + 1).forEach((other) => (sum += cost(one, other))))
  return sum
}
