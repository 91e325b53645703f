import type { Milliseconds } from '../base/units'

/** At most this part of the time that passes is put right: a screen's clock runs a little fast or slow, and never back. */
const slewRate = 0.1

/** More than this is no drift: the device has slept, or its clock was wrong. */
const leap: Milliseconds = 1000

/**
 * Server time told from local time, following a changing estimate without a jump, but for a leap: it is made up at once forwards,
 * and by standing still backwards. The first estimate is taken as it is. Local time must not run backwards (use a monotonic
 * clock).
 */
export class SlewedClock {
  private offset: Milliseconds | undefined
  private target: Milliseconds = 0
  private last: Milliseconds = 0
  private told: Milliseconds = -Infinity

  get isSet(): boolean {
    return this.offset !== undefined
  }

  aimAt(offset: Milliseconds, local: Milliseconds): void {
    this.now(local)
    this.target = offset
    this.offset ??= offset
  }

  /** Server time at `local`. Before the first estimate it is the local time itself. */
  now(local: Milliseconds): Milliseconds {
    if (this.offset === undefined) return local
    const passed = Math.max(0, local - this.last)
    this.last = Math.max(this.last, local)
    const off = this.target - this.offset
    const forward = off > leap ? off : passed * slewRate
    const back = off < -leap ? passed : passed * slewRate
    this.offset += Math.max(-back, Math.min(forward, off))
    // While it stands still, rounding could take it back by a hair.
    this.told = Math.max(this.told, local + this.offset)
    return this.told
  }
}
