import type { RunEvent } from '@core/run/clock/events'
import { apply, foldEvents } from '@core/run/clock/apply'
import type { Progress } from '@core/run/clock/progress'
import { snapshotFormat } from '@core/run/room/snapshot-formats'
import { openStream } from './open-stream'
import type { StreamMessage } from './shared-stream'
import type { RunSnapshot } from '@core/run/room/snapshot'

export interface FeedState {
  snapshot: RunSnapshot
  /** Counts the snapshots: what a change of the people has to know. */
  version: number
  progress: Progress
  /** All that has happened, in order. */
  events: readonly RunEvent[]
  connected: boolean
}

/** A snapshot as it is fetched, with the format that it is in. */
type Fetched = Pick<FeedState, 'version' | 'snapshot'> & { format?: number }

/**
 * A run's events as they come, folded. Reconnects by itself and resumes after the last number seen; an event that comes twice, or
 * early, changes nothing.
 */
export class RunFeed {
  private state: FeedState
  private listeners = new Set<() => void>()
  private fetching = false

  constructor(
    snapshot: RunSnapshot,
    events: readonly RunEvent[],
    private readonly address: string,
    version: number,
    /** The same for all screens of the run in a browser. */
    private readonly key = address,
  ) {
    this.state = { snapshot, version, progress: foldEvents(snapshot.timeline, events), events, connected: false }
  }

  get = (): FeedState => this.state

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Takes events in any order from any way; only the next in number counts. */
  take(events: readonly RunEvent[]): void {
    let { progress } = this.state
    const taken: RunEvent[] = []
    for (const event of [...events].sort((a, b) => a.sequence - b.sequence)) {
      if (event.sequence !== progress.sequence + 1) continue
      progress = apply(progress, event)
      taken.push(event)
    }
    if (progress !== this.state.progress) this.set({ progress, events: [...this.state.events, ...taken] })
  }

  /** Listens until the returned function is called. */
  run(): () => void {
    return openStream(this.key, { address: this.address, after: this.state.progress.sequence, take: (message) => this.hear(message) })
  }

  private hear(message: StreamMessage): void {
    if (message.type === 'open') return this.set({ connected: true })
    if (message.type === 'lost') return this.set({ connected: false })
    if (message.type === 'run') return this.take([message.event])
    // The page says why, and asks no more.
    if (message.type === 'over') return location.reload()
    if (message.version <= this.state.version) return
    // The class was planned anew before its start: everything may be different.
    if (this.state.progress.mode === 'ready') location.reload()
    else void this.fetchSnapshot()
  }

  /** Who is where has changed under way; the timeline stays. What fails now is asked again with the next beat, which tells the version. */
  private async fetchSnapshot(): Promise<void> {
    if (this.fetching) return
    this.fetching = true
    try {
      const response = await fetch(this.address.replace(/events$/, 'snapshot'))
      // Its link was taken back: the page says so.
      if (response.status === 410) return location.reload()
      if (!response.ok) return
      const { version, snapshot, format = snapshotFormat } = (await response.json()) as Fetched
      // The app has been renewed under this screen: only its new scripts can read what it says now.
      if (format !== snapshotFormat) return location.reload()
      if (version > this.state.version) this.set({ version, snapshot })
    } catch {
      // No answer: asked again with the next beat.
    } finally {
      this.fetching = false
    }
  }

  private set(change: Partial<FeedState>): void {
    this.state = { ...this.state, ...change }
    this.listeners.forEach((listener) => listener())
  }
}
