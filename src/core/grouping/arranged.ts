import { z } from 'zod'
import type { Person } from '../library/person'
import type { GroupSize } from './group-size'
import { idField } from '../base/fields'
import { limits } from '../base/limits'
import { groupCount, makeGroups } from './groups'
import type { GroupWishes } from './wishes'

/** A group as the coach or the tool has put it; a locked one stays when the rest is made anew. */
export const ArrangedGroup = z.strictObject({ ids: z.array(idField).min(1).max(limits.people), locked: z.boolean().default(false) })
export type ArrangedGroup = z.infer<typeof ArrangedGroup>

/** What a class says of its groups. */
export interface Grouped {
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

/** The groups, in this order, as the class keeps them; a group that is locked stays so. */
export function arrangedIn({ arranged = [] }: Pick<Grouped, 'arranged'>, groups: readonly (readonly Person[])[]): ArrangedGroup[] {
  return groups.map((group) => ({
    ids: group.map((person) => person.id),
    locked: arranged.some((known) => known.locked && known.ids.includes(group[0]!.id)),
  }))
}
