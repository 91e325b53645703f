import { z } from 'zod'
import type { RoomChange } from './room-change'

/** What somebody can say on their own card: an easier rung and back, a break and its end. It counts for themselves only, and the coach sees it. */
export const CardAsk = z.enum(['easier', 'usual', 'break', 'back'], { error: 'must be easier, usual, break or back' })
export type CardAsk = z.infer<typeof CardAsk>

export function changeFor(ask: CardAsk, personId: string): RoomChange {
  if (ask === 'break' || ask === 'back') return { type: ask === 'break' ? 'takesBreak' : 'isBack', personId }
  return { type: 'ease', ease: ask, personId }
}
