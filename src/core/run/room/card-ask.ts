import { z } from 'zod'
import { success, type Result } from '../../base/result'
import { withRoomChange, type RoomChange } from './room-change'
import type { RunSnapshot } from './snapshot'

/**
 * What somebody can say on their own card: an easier rung and back, a break and its end. It counts for themselves only, and the
 * coach sees it.
 */
export const CardAsk = z.enum(['easier', 'usual', 'break', 'back'], { error: 'must be easier, usual, break or back' })
export type CardAsk = z.infer<typeof CardAsk>

/** The class after what somebody asked; fails where they are not in it. */
export function withAsk(snapshot: RunSnapshot, ask: CardAsk, personId: string): Result<RunSnapshot> {
  const changed = withRoomChange(snapshot, changeFor(ask, personId), 0)
  return changed.ok ? success({ ...changed.value.snapshot, asks: (snapshot.asks ?? 0) + 1 }) : changed
}

export function changeFor(ask: CardAsk, personId: string): RoomChange {
  if (ask === 'break' || ask === 'back') return { type: ask === 'break' ? 'takesBreak' : 'isBack', personId }
  return { type: 'ease', ease: ask, personId }
}
