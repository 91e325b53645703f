import type { Outcome } from './outcome'

/** One line of what was put down of somebody: a result, or that it was taken away. */
export interface Entry {
  id: string
  outcome: Outcome | undefined
}

/**
 * What counts after all entries, the earliest first: the last of them; where that took it away, or there is none, what was tapped.
 * A correction and its opposite leave it as it was.
 */
export const counting = (entries: readonly Entry[], tapped: Outcome | undefined): Outcome | undefined => entries.at(-1)?.outcome ?? tapped
