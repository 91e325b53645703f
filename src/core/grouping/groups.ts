import type { GroupSize } from './group-size'

const sizeOf: Record<Exclude<GroupSize, 'fit'>, number> = { solo: 1, pairs: 2, trios: 3, fours: 4 }

/** People in a group of a size; `fit` makes them as the stations ask, and is reckoned as pairs. */
export const groupCount = (size: GroupSize): number => (size === 'fit' ? 2 : sizeOf[size])

/** So many people in so many groups, as even as can be, the larger first: 11 in 3 → 4, 4, 3. */
export const evenSizes = (people: number, groups: number): number[] =>
  Array.from({ length: groups }, (_, index) => Math.floor(people / groups) + (index < people % groups ? 1 : 0))

/**
 * How many groups of a size people make, never one person alone: pairs take a third in (17: seven pairs and a trio), larger groups
 * do with one fewer (11 in fours: 4, 4 and 3; 5 in trios: 3 and 2).
 */
function countOf(people: number, size: Exclude<GroupSize, 'fit'>): number {
  const most = sizeOf[size]
  return Math.max(1, most <= 2 ? Math.floor(people / most) : Math.ceil(people / most))
}

/**
 * People in groups of a size, in the order given. `fit` makes as many groups as there are `stations`, as even as can be. Every
 * person is in exactly one group.
 */
export function makeGroups<P>(people: readonly P[], size: GroupSize, stations: number): P[][] {
  if (people.length === 0) return []
  const count = size === 'fit' ? Math.min(people.length, Math.max(1, stations)) : countOf(people.length, size)
  let next = 0
  return evenSizes(people.length, count).map((take) => people.slice(next, (next += take)))
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
