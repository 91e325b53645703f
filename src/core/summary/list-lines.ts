import type { Task, Use } from '../plan/plan'
import { itemText } from './items'
import { leads } from './lead'

/** A self-paced list as it is read out, line by line: its items, and before some of them a line that leads them, as `9-6-3 of each:`. */
export function listLines(stay: Task, uses: readonly Use[], nameOf: (exerciseId: string) => string): string[] {
  const lines = uses.map((use) => itemText(use, nameOf(use.exerciseId), stay.rungs !== undefined))
  if (stay.rungs) lines.unshift(`${stay.rungs.join('-')} of each${leads}`)
  if (stay.openerCount > 0) lines.splice(stay.openerCount, 0, `then, round after round${leads}`)
  return lines
}
