import type { Use } from '../plan/plan'
import { itemSeconds, type Paces } from './pace'

/** How a stretch of a list is shared out among its items: by how long each usually takes; evenly, where none has a figure yet. */
export function timeShares(uses: readonly Use[], paces: Paces): number[] {
  if (uses.length === 1) return [1]
  const seconds = uses.map((use) => itemSeconds(use, paces).typical)
  const total = seconds.reduce((sum, value) => sum + value, 0)
  return seconds.map((own) => (total > 0 ? own / total : 1 / uses.length))
}
