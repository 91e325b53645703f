import { z } from 'zod'
import type { Person } from '../library/person'
import type { GroupSize } from './group-size'
import { idField } from '../base/fields'
import { limits } from '../base/limits'
import { bestGroups, type Arrangement } from './arrange'
import { groupCost, pairCost, type PairCost, type PastPartners } from './cost'
import { groupCount, makeGroups } from './groups'
import { clashesIn, noWishes, type Clash, type GroupWishes } from './wishes'

/** A group as the coach or the tool has put it; a locked one stays when the rest is made anew. */
export const ArrangedGroup = z.strictObject({ ids: z.array(idField).min(1).max(limits.people), locked: z.boolean().default(false) })
export type ArrangedGroup = z.infer<typeof ArrangedGroup>

interface Grouped {
  groupSize: GroupSize
  arranged?: ArrangedGroup[] | undefined
  wishes?: GroupWishes | undefined
}

/**
 * The groups of those who are here: as arranged, where they have been; whoever came since in groups of their own, a single one
 * with the smallest. Nobody is left out, and nobody is in two.
 */
export function groupsOf({ groupSize, arranged }: Grouped, people: readonly Person[], places: number): Person[][] {
  if (!arranged) return makeGroups(people, groupSize, places)
  const byId = new Map(people.map((person) => [person.id, person]))
  const groups = arranged
    .map(({ ids }) => ids.flatMap((id) => (byId.delete(id) ? [people.find((person) => person.id === id)!] : [])))
    .filter((group) => group.length > 0)
  const late = [...byId.values()]
  const alone = groupSize !== 'solo' && late.length < groupCount(groupSize)
  if (groups.length > 0 && (alone || (groupSize === 'fit' && groups.length >= places))) {
    for (const person of late) groups.reduce((smallest, group) => (group.length < smallest.length ? group : smallest)).push(person)
    return groups
  }
  return [...groups, ...makeGroups(late, groupSize, Math.max(1, places - groups.length))]
}

/** The wishes of the class, with what the roster says of who is kept with or apart from whom. */
export function allWishes(wishes: GroupWishes | undefined, people: readonly Person[]): GroupWishes {
  const here = new Set(people.map((person) => person.id))
  const pairs = (key: 'keepWith' | 'keepApart') =>
    people.flatMap((person) => (person[key] ?? []).flatMap((other): [string, string][] => (here.has(other) ? [[person.id, other]] : [])))
  const base = wishes ?? noWishes
  const known = ([one, other]: [string, string]) => here.has(one) && here.has(other)
  return {
    ...base,
    together: [...base.together.filter(known), ...pairs('keepWith')],
    apart: [...base.apart.filter(known), ...pairs('keepApart')],
  }
}

export interface MadeGroups {
  arranged: ArrangedGroup[]
  clashes: Clash[]
  cost: number
  bound: number
}

/** The best groups for the wishes; locked groups stay as they are. */
export function arrangeClass(grouped: Grouped, people: readonly Person[], places: number, past: PastPartners = []): MadeGroups {
  const wishes = allWishes(grouped.wishes, people)
  const cost = pairCost(wishes, past)
  const byId = new Map(people.map((person) => [person.id, person]))
  const locked = (grouped.arranged ?? [])
    .filter((group) => group.locked)
    .map((group) => group.ids.flatMap((id) => byId.get(id) ?? []))
    .filter((group) => group.length > 0)
  const taken = new Set(locked.flat())
  const rest = people.filter((person) => !taken.has(person))
  const sizes = makeGroups(rest, grouped.groupSize, Math.max(1, places - locked.length)).map((group) => group.length)
  const found: Arrangement<Person> = bestGroups(rest, sizes, cost)
  const fixed = locked.reduce((sum, group) => sum + groupCost(group, cost), 0)
  const largest = Math.max(groupCount(grouped.groupSize), ...sizes)
  return {
    arranged: [
      ...locked.map((group) => ({ ids: group.map((person) => person.id), locked: true })),
      ...found.groups.map((group) => ({ ids: group.map((person) => person.id), locked: false })),
    ],
    clashes: clashesIn(wishes, largest),
    cost: found.cost + fixed,
    bound: found.bound + fixed,
  }
}

/** The points of groups as they are. */
export const pointsOf = (groups: readonly (readonly Person[])[], cost: PairCost): number =>
  groups.reduce((sum, group) => sum + groupCost(group, cost), 0)

/** The groups, in this order, as the class keeps them; a group that is locked stays so. */
export function arrangedIn({ arranged = [] }: Pick<Grouped, 'arranged'>, groups: readonly (readonly Person[])[]): ArrangedGroup[] {
  return groups.map((group) => ({
    ids: group.map((person) => person.id),
    locked: arranged.some((known) => known.locked && known.ids.includes(group[0]!.id)),
  }))
}
