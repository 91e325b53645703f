/** From 0 to 2.5, always the same for a seed and an id. */
export function chance(seed: number, id: string): number {
  let hash = 2166136261 ^ Math.imul(seed, 2654435761)
  for (let index = 0; index < id.length; index++) hash = Math.imul(hash ^ id.charCodeAt(index), 16777619)
  return ((hash >>> 8) % 1000) / 400
}
