import { limits } from '../../base/limits'
import { inMilliseconds, type Milliseconds } from '../../base/units'
import type { RunSnapshot } from '../room/snapshot'

/**
 * When the slot of a class ends: where it was planned to, unless the class is run on another day than it was planned for (or so
 * far off that it might be): then as long after it was begun as the slot is.
 */
export function slotEndOf({ startsAt, slotSeconds }: Pick<RunSnapshot, 'startsAt' | 'slotSeconds'>, begun: Milliseconds): Milliseconds {
  const isThatTime = Math.abs(begun - startsAt) <= inMilliseconds(limits.totalSeconds)
  return (isThatTime ? startsAt : begun) + inMilliseconds(slotSeconds)
}
