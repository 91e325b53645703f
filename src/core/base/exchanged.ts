/** Puts two of the items in each other's place. */
export function exchange<T>(items: T[], one: number, other: number): void {
  ;[items[one], items[other]] = [items[other]!, items[one]!]
}

/** The items with two of them in each other's place. */
export function exchanged<T>(items: readonly T[], one: number, other: number): T[] {
  const copy = [...items]
  exchange(copy, one, other)
  return copy
}
