import type { RunSnapshot } from './snapshot'

/** A class after a change of what really happens in it. */
export interface RoomChanged {
  snapshot: RunSnapshot
  /** What was done, and what it costs, in words. */
  told: string[]
}
