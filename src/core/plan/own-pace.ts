import type { Stay } from './schema'

/**
 * Whether a stay is a list that people go through each at their own pace, so that they are spread over its items; where the room
 * climbs a ladder together, all are at the same item.
 */
export const isAtOwnPace = (stay: Stay): boolean => stay.kind === 'task' && !stay.rungClock
