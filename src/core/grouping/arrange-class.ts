import type { Person } from '../library/person'
import { bestGroups, type Arrangement } from './arrange'
import type { ArrangedGroup, Grouped } from './arranged'
import { groupCost, pairCost, type PairCost, type PastPartners } from './cost'
import { groupCount, makeGroups } from './groups'
import { clashesIn, noWishes, type Clash, type GroupWishes } from './wishes'

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
