import { z } from 'zod'
import { idField, wholeNumber } from '../base/fields'
import { limits } from '../base/limits'

const pair = z.tuple([idField, idField])

/** What a coach wishes of the groups of a class. */
export const GroupWishes = z.strictObject({
  levels: z.enum(['any', 'mix', 'match']).default('any'),
  /** Partners who usually take the same sizes. */
  sharedLoads: z.boolean().default(false),
  /** Not with a partner of the last so many classes. */
  newPartners: wholeNumber(0, 20).default(0),
  together: z.array(pair).max(limits.people).default([]),
  apart: z.array(pair).max(limits.people).default([]),
})
export type GroupWishes = z.infer<typeof GroupWishes>

export const noWishes: GroupWishes = { levels: 'any', sharedLoads: false, newPartners: 0, together: [], apart: [] }

/** Wishes that cannot all be had; any one of them left out, the others can. */
export interface Clash {
  together: [string, string][]
  apart: [string, string][]
}

type Edge = [string, string]

/** The shortest chain of `together` wishes from one person to another. */
function chain(edges: readonly Edge[], from: string, to: string): Edge[] | undefined {
  const before = new Map<string, Edge | undefined>([[from, undefined]])
  const queue = [from]
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    if (here === to) break
    for (const edge of edges) {
      const next = edge[0] === here ? edge[1] : edge[1] === here ? edge[0] : undefined
      if (next === undefined || before.has(next)) continue
      before.set(next, edge)
      queue.push(next)
    }
  }
  if (!before.has(to)) return undefined
  const path: Edge[] = []
  for (let at = to; ;) {
    const edge = before.get(at)
    if (!edge) return path
    path.push(edge)
    at = edge[0] === at ? edge[1] : edge[0]
  }
}

/** The first `size + 1` people who are wished together, by the wishes that join them. */
function tooMany(edges: readonly Edge[], start: string, size: number): Edge[] | undefined {
  const people = new Set([start])
  const used: Edge[] = []
  for (let grew = true; grew && people.size <= size;) {
    grew = false
    for (const edge of edges) {
      if (people.has(edge[0]) === people.has(edge[1])) continue
      people.add(edge[0]).add(edge[1])
      used.push(edge)
      grew = true
      break
    }
  }
  return people.size > size ? used : undefined
}

/**
 * Irreducible sets of wishes that clash: people to be kept apart who are wished together, directly or through others; and more
 * people wished together than a group of `size` holds.
 */
export function clashesIn({ together, apart }: Pick<GroupWishes, 'together' | 'apart'>, size: number): Clash[] {
  const clashes: Clash[] = []
  for (const [one, other] of apart) {
    const path = chain(together, one, other)
    // A longer chain is too many for a group already, and told below.
    if (path && path.length > 0 && path.length < size) clashes.push({ together: path, apart: [[one, other]] })
  }
  const seen = new Set<string>()
  for (const [one] of together) {
    if (seen.has(one)) continue
    const edges = tooMany(together, one, size)
    if (!edges) continue
    edges.flat().forEach((person) => seen.add(person))
    clashes.push({ together: edges, apart: [] })
  }
  return clashes
}

export function clashWords({ together, apart }: Clash, size: number, nameOf: (id: string) => string): string {
  const pairs = (list: Edge[]) => list.map(([one, other]) => `${nameOf(one)} and ${nameOf(other)}`).join(', ')
  if (apart.length > 0) return `${pairs(together)} together, and ${pairs(apart)} apart: not all of it can be. Leave one of them out.`
  return `${pairs(together)} together are more than the ${size} of a group. Leave one of them out, or make the groups larger.`
}
