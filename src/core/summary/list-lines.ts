import type { Task, Use } from '../plan/plan'
import { itemText } from './items'
import { leads } from './lead'

/** A line of a list: one that leads those below it, as `9-6-3 of each:`, or the number (from 0) of the item that stands there. */
export type ListLine = string | number

/** The lines of a self-paced list, in order. */
export function listOrder(stay: Task, items: number): ListLine[] {
  const lines: ListLine[] = Array.from({ length: items }, (_, item) => item)
  if (stay.openerCount > 0) lines.splice(stay.openerCount, 0, `then, round after round${leads}`)
  if (stay.rungs) lines.unshift(`${stay.rungs.join('-')} of each${leads}`)
  return lines
}

/** The same as it is read out; `nameOf` names each item as everyone does it. */
export const listLines = (stay: Task, uses: readonly Use[], nameOf: (use: Use) => string): string[] =>
  listOrder(stay, uses.length).map((line) =>
    typeof line === 'string' ? line : itemText(uses[line]!, nameOf(uses[line]!), stay.rungs !== undefined),
  )
