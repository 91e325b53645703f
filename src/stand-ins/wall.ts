import { apply, foldEvents } from '../core/run/clock/apply'
import { estimateOffset, type Sample } from '../core/clock/estimate'
import { SlewedClock } from '../core/clock/slewed-clock'
import type { RunEvent } from '../core/run/clock/events'
import type { Progress } from '../core/run/clock/progress'
import { stateAt, type RunState } from '../core/run/clock/state'
import type { Timeline } from '../core/timeline/phase'
import type { Milliseconds } from '../core/base/units'

interface WallOptions {
  /** By how many parts in a million its own clock runs fast. */
  skewPpm?: number
  /** How far its own clock is off at the beginning. */
  offset?: Milliseconds
}

/**
 * A simulated wall: a screen with a clock of its own that can be skewed, and a line that can be slowed and cut off. It folds the
 * same events and estimates the server's time in the same way as the real ones.
 */
export class SimulatedWall {
  private progress: Progress
  private waiting: { event: RunEvent; due: Milliseconds }[] = []
  private samples: Sample[] = []
  private clock = new SlewedClock()
  private cut = false

  constructor(
    timeline: Timeline,
    private readonly options: WallOptions = {},
  ) {
    this.progress = foldEvents(timeline, [])
  }

  /** The wall's own clock at a true instant. */
  local(truth: Milliseconds): Milliseconds {
    return truth * (1 + (this.options.skewPpm ?? 0) / 1e6) + (this.options.offset ?? 0)
  }

  /** Asks for the time: `there` and `back` are how long the question and the answer take. */
  ask(truth: Milliseconds, there: Milliseconds, back: Milliseconds): void {
    if (this.cut) return
    this.samples = [
      ...this.samples.slice(-11),
      { sent: this.local(truth), server: truth + there, received: this.local(truth + there + back) },
    ]
    const best = estimateOffset(this.samples, this.local(truth + there + back))
    if (best) this.clock.aimAt(best.offset, this.local(truth + there + back))
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
    for (const event of events) if (event.sequence > this.progress.sequence) this.send(event, truth, delay)
  }

  /** What it shows at a true instant. */
  shown(truth: Milliseconds): RunState {
    const here = this.waiting.filter((each) => each.due <= truth).sort((a, b) => a.event.sequence - b.event.sequence)
    this.waiting = this.waiting.filter((each) => each.due > truth)
    for (const { event } of here) if (event.sequence === this.progress.sequence + 1) this.progress = apply(this.progress, event)
    const now = this.samples.length > 0 ? this.clock.now(this.local(truth)) : truth
    return stateAt(this.progress, Math.max(now, this.progress.at))
  }
}
