import type { RunEvent } from '@core/run/events'
import { apply, foldEvents } from '@core/run/apply'
import type { Progress } from '@core/run/progress'
import type { RunSnapshot } from '@core/run/snapshot'

export interface FeedState {
  snapshot: RunSnapshot
  /** Counts the snapshots: what a change of the people has to know. */
  version: number
  progress: Progress
  connected: boolean
}

/**
 * A run's events as they come, folded. Reconnects by itself and resumes after the last number seen; an event that
 * comes twice, or early, changes nothing.
 */
export class RunFeed {
  private state: FeedState
  private listeners = new Set<() => void>()
  private source: EventSource | undefined
  private retry: ReturnType<typeof setTimeout> | undefined

  constructor(
    snapshot: RunSnapshot,
    events: readonly RunEvent[],
    private readonly address: string,
    version: number,
  ) {
    this.state = { snapshot, version, progress: foldEvents(snapshot.timeline, events), connected: false }
  }

  get = (): FeedState => this.state

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  /** Takes events in any order from any way; only the next in number counts. */
  take(events: readonly RunEvent[]): void {
    let { progress } = this.state
    for (const event of [...events].sort((a, b) => a.sequence - b.sequence)) {
      if (event.sequence === progress.sequence + 1) progress = apply(progress, event)
    }
    if (progress !== this.state.progress) this.set({ progress })
  }

  run(): () => void {
    this.connect()
    return () => {
      clearTimeout(this.retry)
      this.source?.close()
      this.source = undefined
    }
  }

  private connect(): void {
    const source = new EventSource(`${this.address}?after=${this.state.progress.sequence}`)
    this.source = source
    source.addEventListener('open', () => this.set({ connected: true }))
    source.addEventListener('run', (message) => this.take([JSON.parse(message.data as string) as RunEvent]))
    source.addEventListener('snapshot', (message) => {
      if (Number(message.data) <= this.state.version) return
      // The class was planned anew before its start: everything may be different.
      if (this.state.progress.mode === 'ready') location.reload()
      else void this.fetchSnapshot()
    })
    source.addEventListener('error', () => {
      this.set({ connected: false })
      if (source.readyState !== EventSource.CLOSED) return
      // The browser has given up (the server answered with an error): ask again ourselves.
      this.retry = setTimeout(() => this.connect(), 1000)
    })
  }

  /** Who is where has changed under way; the timeline stays. What fails now is asked again with the next connection. */
  private async fetchSnapshot(): Promise<void> {
    try {
      const response = await fetch(this.address.replace(/events$/, 'snapshot'))
      if (!response.ok) return
      const { version, snapshot } = (await response.json()) as Pick<FeedState, 'version' | 'snapshot'>
      if (version > this.state.version) this.set({ version, snapshot })
    } catch {
      this.set({ connected: false })
    }
  }

  private set(change: Partial<FeedState>): void {
    this.state = { ...this.state, ...change }
    this.listeners.forEach((listener) => listener())
  }
}
