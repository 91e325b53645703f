import type { Exercise } from '../library/exercise'

/**
 * The exercises in an order in which the same first region does not come twice running, as long as the choice allows it; else in
 * the order given.
 */
export function alternateRegions(exercises: readonly Exercise[]): Exercise[] {
  const left = [...exercises]
  const ordered: Exercise[] = []
  while (left.length > 0) {
    const last = ordered.at(-1)?.regions[0]
    const next = left.findIndex((known) => known.regions[0] !== last)
    ordered.push(...left.splice(Math.max(0, next), 1))
  }
  return ordered
}
