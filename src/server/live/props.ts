import { createHash } from 'node:crypto'
import { snapshotFor } from '../../core/run/room/public-snapshot'
import type { RunEvent } from '../../core/run/clock/events'
import type { RunSnapshot } from '../../core/run/room/snapshot'
import type { Milliseconds } from '../../core/base/units'
import type { InHall } from '../db/in-hall'
import { ownHall } from '../services/halls'
import type { OpenedLink } from '../services/links'
import { eventsAfter, timeIn, type StoredRun } from '../services/runs'

/** What a page hands to a live screen: the run as that screen may see it, and where it hears of what happens. */
export async function liveProps(
  hall: InHall,
  { screen, subject }: Pick<OpenedLink, 'screen' | 'subject'>,
  run: StoredRun,
  address: string,
  knowsLimits = false,
): Promise<{
  runKey: string
  snapshot: RunSnapshot
  version: number
  events: RunEvent[]
  serverNow: Milliseconds
  address: string
  zone: string
}> {
  const events = await eventsAfter(hall, run.id, 0)
  const { timeZone: zone } = await ownHall(hall)
  return {
    runKey: createHash('sha256').update(run.id).digest('base64url').slice(0, 16),
    snapshot: snapshotFor(screen, subject, run.snapshot, knowsLimits),
    version: run.version,
    events,
    serverNow: await timeIn(hall),
    address,
    zone,
  }
}
