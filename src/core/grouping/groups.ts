import type { GroupSize } from './group-size'

const sizeOf: Record<Exclude<GroupSize, 'fit'>, number> = { solo: 1, pairs: 2, trios: 3, fours: 4 }

/** People in a group of a size; `fit` makes them as the stations ask, and is reckoned as pairs. */
export const groupCount = (size: GroupSize): number => (size === 'fit' ? 2 : sizeOf[size])

/**
 * People in groups of a size, in the order given. Uneven numbers make some groups one larger, never one person alone (17 in pairs:
 * seven pairs and a trio); fewer people than one group make one group. `fit` makes as many groups as there are `stations`, as even
 * as can be. Every person is in exactly one group.
 */
export function makeGroups<P>(people: readonly P[], size: GroupSize, stations: number): P[][] {
  if (people.length === 0) return []
  const wanted = size === 'fit' ? Math.min(people.length, Math.max(1, stations)) : Math.floor(people.length / sizeOf[size])
  const count = Math.max(1, wanted)
  const smaller = Math.floor(people.length / count)
  const larger = people.length % count
  const groups: P[][] = []
  let next = 0
  for (let index = 0; index < count; index++) {
    const take = smaller + (index < larger ? 1 : 0)
    groups.push(people.slice(next, next + take))
    next += take
  }
  return groups
}

const words = ['', 'solo', 'pair', 'trio', 'four']

/** `[2, 2, 3]` → `"in 2 pairs and 1 trio"`; all alike → `"in pairs"`. */
export function groupSizesWord(sizes: readonly number[]): string {
  const counts = new Map<number, number>()
  for (const size of sizes) counts.set(size, (counts.get(size) ?? 0) + 1)
  const kinds = [...counts].sort(([a], [b]) => a - b)
  if (kinds.length === 1) {
    const size = kinds[0]![0]
    return size === 1 ? 'working solo' : `in ${words[size] ? `${words[size]}s` : `groups of ${size}`}`
  }
  const texts = kinds.map(([size, count]) => {
    const word = words[size] ?? `group of ${size}`
    return `${count} ${count === 1 || size === 1 ? word : words[size] ? `${word}s` : `groups of ${size}`}`
  })
  return `in ${texts.slice(0, -1).join(', ')} and ${texts.at(-1)}`
}
