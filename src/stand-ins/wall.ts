import { HeardTime } from '../core/clock/heard-time'
import type { RunEvent } from '../core/run/clock/events'
import { stateAt, type RunState } from '../core/run/clock/state'
import type { RunSnapshot } from '../core/run/room/snapshot'
import type { Milliseconds } from '../core/base/units'
import { RunFeed } from '../ui/live/run-feed'

interface WallOptions {
  /** By how many parts in a million its own clock runs fast. */
  skewPpm?: number
  /** How far its own clock is off at the beginning. */
  offset?: Milliseconds
}

/**
 * A simulated wall: a screen with a clock of its own that can be skewed, and a line that can be slowed and cut off. Its feed and
 * its telling of the time are those of the pages; only the line to the server is played.
 */
export class SimulatedWall {
  private readonly feed: RunFeed
  private readonly time: HeardTime
  private waiting: { event: RunEvent; due: Milliseconds }[] = []
  private cut = false

  constructor(
    snapshot: RunSnapshot,
    private readonly options: WallOptions = {},
  ) {
    this.feed = new RunFeed(snapshot, [], 'simulated', 1)
    this.time = new HeardTime(0, this.local(0))
  }

  /** The wall's own clock at a true instant. */
  local(truth: Milliseconds): Milliseconds {
    return truth * (1 + (this.options.skewPpm ?? 0) / 1e6) + (this.options.offset ?? 0)
  }

  /** Asks for the time: `there` and `back` are how long the question and the answer take. */
  ask(truth: Milliseconds, there: Milliseconds, back: Milliseconds): void {
    if (this.cut) return
    this.time.hear({ sent: this.local(truth), server: truth + there, received: this.local(truth + there + back) })
  }

  /** An event leaves the server and comes after a delay; lost, if the line is cut. */
  send(event: RunEvent, truth: Milliseconds, delay: Milliseconds): void {
    if (!this.cut) this.waiting.push({ event, due: truth + delay })
  }

  cutOff(): void {
    this.cut = true
    this.waiting = []
  }

  /** Back on the line: asks for everything after the last number it has seen. */
  rejoin(events: readonly RunEvent[], truth: Milliseconds, delay: Milliseconds): void {
    this.cut = false
    const { sequence } = this.feed.get().progress
    for (const event of events) if (event.sequence > sequence) this.send(event, truth, delay)
  }

  /** What it shows at a true instant. */
  shown(truth: Milliseconds): RunState {
    this.feed.take(this.waiting.filter(({ due }) => due <= truth).map(({ event }) => event))
    this.waiting = this.waiting.filter(({ due }) => due > truth)
    const { progress } = this.feed.get()
    return stateAt(progress, Math.max(this.time.now(this.local(truth)), progress.at))
  }
}
