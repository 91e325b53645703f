import { useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import type { RunEvent } from '@core/run/clock/events'
import type { RunSnapshot } from '@core/run/room/snapshot'
import { stateAt, type RunState } from '@core/run/clock/state'
import type { Milliseconds } from '@core/base/units'
import { drawnFor } from './drawn-for'
import { RoomClock, type LiveClock } from './room-clock'
import { RunFeed } from './run-feed'

/** What a page hands to a live screen. */
export interface LiveProps {
  /** The same for every screen of a run: they share one stream in a browser. */
  runKey: string
  snapshot: RunSnapshot
  version: number
  events: RunEvent[]
  serverNow: Milliseconds
  address: string
  /** The hall's time zone, whatever the device's is. */
  zone: string
}

export interface LiveRun {
  /** As it was taken at the start, with the changes of its people since. */
  snapshot: RunSnapshot
  version: number
  state: RunState
  connected: boolean
  feed: RunFeed
  clock: LiveClock
}

/** So often it is looked whether something has changed: a change is on every screen within that. */
const tickMs = 100

/** The run as it stands now, whether or not the server can be reached. */
export function useRun({ runKey, snapshot, version, events, serverNow, address }: LiveProps): LiveRun {
  const [clock] = useState(() => new RoomClock(serverNow))
  const [feed] = useState(() => new RunFeed(snapshot, events, address, version, runKey))
  useEffect(() => feed.run(), [feed])
  return useLive(feed, clock, serverNow)
}

/** What a screen shows of a feed by a clock. */
export function useLive(feed: RunFeed, clock: LiveClock, first: Milliseconds): LiveRun {
  const { snapshot: latest, version: latestVersion, progress, connected } = useSyncExternalStore(feed.subscribe, feed.get, feed.get)
  const [now, setNow] = useState(first)

  useEffect(() => clock.run(), [clock])
  useEffect(() => {
    const motion = matchMedia('(prefers-reduced-motion: reduce)')
    let drawn = ''
    const look = () => {
      const at = clock.now()
      const { progress } = feed.get()
      const key = drawnFor(stateAt(progress, Math.max(at, progress.at)), at, motion.matches)
      if (key !== drawn) setNow(at)
      drawn = key
    }
    const timer = setInterval(look, tickMs)
    return () => clearInterval(timer)
  }, [clock, feed])

  const state = stateAt(progress, Math.max(now, progress.at))
  // What is shown is told from the timeline as it has become.
  const current = useMemo(() => ({ ...latest, timeline: state.timeline }), [latest, state.timeline])
  return { snapshot: current, version: latestVersion, state, connected, feed, clock }
}
