import type { RunSnapshot } from './snapshot'

/**
 * The state of the room that a coach's change is decided on. What people ask on their own cards makes no newer one: it takes
 * nothing away from what the coach saw.
 */
export const roomVersion = ({ version, snapshot }: { version: number; snapshot: Pick<RunSnapshot, 'asks'> }): number =>
  version - (snapshot.asks ?? 0)
