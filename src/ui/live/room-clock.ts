import { firstAnswers, HeardTime } from '@core/clock/heard-time'
import type { Milliseconds } from '@core/base/units'

const soonMs = 400
const calmMs = 10_000
/** A line that is half dead neither answers nor fails. */
const patienceMs = 4000

/** A clock that a live screen goes by; `rate` is how many of its seconds pass in one of the world's. */
export interface LiveClock {
  readonly rate: number
  now: () => Milliseconds
  run: () => () => void
}

/**
 * The room's time on this screen: asked of the server a few times quickly, then now and then, and slewed towards the best answer.
 * Goes on by itself when the server is away.
 */
export class RoomClock implements LiveClock {
  readonly rate = 1

  private readonly time: HeardTime
  private timer: ReturnType<typeof setTimeout> | undefined
  private asked = 0

  /** Starts from the time that came with the page, at the most a page load wrong. */
  constructor(
    serverNow: Milliseconds,
    private readonly local: () => Milliseconds = () => performance.now(),
  ) {
    this.time = new HeardTime(serverNow, this.local())
  }

  now(): Milliseconds {
    return this.time.now(this.local())
  }

  /** Keeps asking until the returned function is called. */
  run(): () => void {
    let stopped = false
    const ask = async () => {
      await this.ask()
      clearTimeout(this.timer)
      if (!stopped) this.timer = setTimeout(() => void ask(), this.asked < firstAnswers ? soonMs : calmMs)
    }
    void ask()
    // While the device slept, its own clock may have stood.
    const wake = () => document.visibilityState === 'visible' && void ask()
    if (typeof document !== 'undefined') document.addEventListener('visibilitychange', wake)
    return () => {
      stopped = true
      clearTimeout(this.timer)
      if (typeof document !== 'undefined') document.removeEventListener('visibilitychange', wake)
    }
  }

  private async ask(): Promise<void> {
    this.asked++
    const sent = this.local()
    try {
      const response = await fetch('/api/time', { cache: 'no-store', signal: AbortSignal.timeout(patienceMs) })
      if (!response.ok) return
      const { now } = (await response.json()) as { now: number }
      this.time.hear({ sent, received: this.local(), server: now })
    } catch {
      // The clock goes on with what it knows.
    }
  }
}
