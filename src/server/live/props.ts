import { createHash } from 'node:crypto'
import { snapshotFor } from '../../core/run/public-snapshot'
import type { RunEvent } from '../../core/run/events'
import type { RunSnapshot } from '../../core/run/snapshot'
import type { Milliseconds } from '../../core/units'
import { currentHall } from '../services/halls'
import type { OpenedScreen } from '../services/links'
import { eventsAfter, roomTime } from '../services/runs'

/** What a page hands to a live screen: the run as that screen may see it, and where it hears of what happens. */
export async function liveProps({ run, screen, subject }: OpenedScreen, address: string): Promise<{ runKey: string; snapshot: RunSnapshot; version: number; events: RunEvent[]; serverNow: Milliseconds; address: string; zone: string }> {
  const [events, { timeZone: zone }] = await Promise.all([eventsAfter(run.id, 0), currentHall()])
  return { runKey: createHash('sha256').update(run.id).digest('base64url').slice(0, 16), snapshot: snapshotFor(screen, subject, run.snapshot), version: run.version, events, serverNow: await roomTime(), address, zone }
}
