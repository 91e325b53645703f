import type { Milliseconds } from '../units'

/** One question to the server: when it was sent and answered by the local clock, and the server's time in the answer. */
export interface Sample {
  sent: Milliseconds
  received: Milliseconds
  server: Milliseconds
}

export interface Estimate {
  /** Server time minus local time. */
  offset: Milliseconds
  /** The most it can be wrong by. */
  error: Milliseconds
}

/** How fast two clocks are taken to part, at the most: 200 parts in a million. */
export const driftPerMs = 200e-6

/**
 * The best offset that the samples allow at local time `now`: that of the shortest round trip, as wrong as half of it
 * at the most (Cristian, Distributed Computing 3, 1989), widened with age for drift.
 */
export function estimateOffset(samples: readonly Sample[], now: Milliseconds): Estimate | undefined {
  let best: Estimate | undefined
  for (const { sent, received, server } of samples) {
    const error = (received - sent) / 2 + driftPerMs * Math.max(0, now - received)
    if (!best || error < best.error) best = { offset: server - (sent + received) / 2, error }
  }
  return best
}
