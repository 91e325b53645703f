/** The items with two of them in each other's place. */
export function exchanged<T>(items: readonly T[], one: number, other: number): T[] {
  const copy = [...items]
  ;[copy[one], copy[other]] = [copy[other]!, copy[one]!]
  return copy
}
