/** From 0 to 2.5, always the same for a seed and an id. */
export function chance(seed: number, id: string): number {
  let hash = 2166136261 ^ Math.imul(seed, 2654435761)
  for (let index = 0; index < id.length; index++) hash = Math.imul(hash ^ id.charCodeAt(index), 16777619)
  return ((hash >>> 8) % 1000) / 400
}

/**
 * Numbers from 0 up to 1, always the same for a seed, so that the same class always gets the same table. `below(n)` is a whole
 * one under n.
 */
export function randomFrom(seed: number): { next: () => number; below: (most: number) => number } {
  let state = seed
  const next = () => {
    state = (Math.imul(state, 1664525) + 1013904223) | 0
    return (state >>> 0) / 4294967296
  }
  return { next, below: (most) => Math.floor(next() * most) }
}
