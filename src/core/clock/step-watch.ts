import type { Milliseconds } from '../base/units'

/** A clock may be off by this much and more with the time that has passed, before it is taken for set by hand. */
const allowed = (passed: Milliseconds): Milliseconds => 1000 + passed * 500e-6

/** When a time was asked for and came, by a clock that cannot be set, and the time that came. */
export interface Reading {
  asked: Milliseconds
  came: Milliseconds
  time: Milliseconds
}

/**
 * Notices when a clock was set forward or back, by holding it against one that cannot be set. Small differences, as of a clock
 * that is steered, are followed.
 *
 * `{asked: 0, came: 4, time: 5000}`, then `{asked: 1000, came: 1004, time: 606_002}` → 600_000
 */
export class StepWatch {
  private last: Reading | undefined

  /**
   * By how many milliseconds the clock has leapt since the reading before, 0 when it has not. A reading after a leap is not kept:
   * what corrects the clock is read again.
   */
  judge(reading: Reading): Milliseconds {
    const { last } = this
    if (last) {
      const [least, most] = [reading.asked - last.came, reading.came - last.asked]
      const passed = reading.time - last.time
      const leapt = passed > most ? passed - most : passed < least ? passed - least : 0
      if (Math.abs(leapt) > allowed(most)) return Math.round(leapt)
    }
    this.last = reading
    return 0
  }
}
