import type { Milliseconds } from '@core/base/units'
import type { LiveClock } from '../live/room-clock'

/** A clock that runs as fast as one likes, and stands when it should. */
export class RehearsalClock implements LiveClock {
  rate = 1
  private since: Milliseconds

  constructor(
    private base: Milliseconds,
    private readonly local: () => Milliseconds = () => performance.now(),
  ) {
    this.since = local()
  }

  now = (): Milliseconds => this.base + (this.local() - this.since) * this.rate

  /** From now on so many seconds in one of the world's. */
  setRate(rate: number): void {
    this.base = this.now()
    this.since = this.local()
    this.rate = rate
  }

  run = () => () => {}
}
