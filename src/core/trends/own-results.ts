import type { WeightUnit } from '../library/weight'
import type { ResultPlace } from '../results/sheet'
import type { ShownBest } from './person-told'

/** What a card knows of its own person's results, and of nobody else's. */
export interface OwnResults {
  /** Whether they put them down themselves. */
  allowed: boolean
  /** Lists and the whole class. */
  places: (ResultPlace & { words: string; before: string })[]
  /** Only where they opened the card themselves, by their name. */
  bests: Pick<ShownBest, 'name' | 'how' | 'best' | 'times'>[]
  unit: WeightUnit
}
