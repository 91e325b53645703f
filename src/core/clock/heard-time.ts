import type { Milliseconds } from '../base/units'
import { estimateOffset, type Sample } from './estimate'
import { SlewedClock } from './slewed-clock'

/** Answers that are kept; the first few are better than the guess a screen begins with. */
const kept = 12
export const firstAnswers = 6

/**
 * The room's time as a screen tells it from the answers it has heard: begins with a guess, takes the first answers whole, before
 * anyone has looked for long, and is slewed towards the best of the later ones. `local` is always the screen's own, monotonic time.
 */
export class HeardTime {
  private samples: Sample[] = []
  private clock = new SlewedClock()

  constructor(guess: Milliseconds, local: Milliseconds) {
    this.clock.aimAt(guess - local, local)
  }

  now(local: Milliseconds): Milliseconds {
    return this.clock.now(local)
  }

  hear(sample: Sample): void {
    this.samples = [...this.samples.slice(1 - kept), sample]
    const best = estimateOffset(this.samples, sample.received)
    if (!best) return
    if (this.samples.length <= firstAnswers) this.clock = new SlewedClock()
    this.clock.aimAt(best.offset, sample.received)
  }
}
