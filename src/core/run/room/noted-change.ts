import type { Milliseconds } from '../../base/units'
import type { Ease } from './ease'

/** What can change in a class under way. */
export const changeTypes = ['arrives', 'leaves', 'tradePlaces', 'closes', 'opens', 'takesBreak', 'isBack', 'ease'] as const

/** A change of a class under way as it stays with its run: when it was, what it was, and of whom by their ids. */
export interface NotedChange {
  at: Milliseconds
  type: (typeof changeTypes)[number]
  personIds?: string[]
  ease?: Ease
  pieceId?: string
  /** From 0. */
  station?: number
}

/** So many stay with a run; nobody reads through more, and each goes to the controls with the room. */
export const mostNoted = 500
