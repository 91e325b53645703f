import type { Milliseconds } from '../base/units'

/** One question to the server: when it was sent and answered by the local clock, and the server's time in the answer. */
export interface Sample {
  sent: Milliseconds
  received: Milliseconds
  server: Milliseconds
}

export interface OffsetEstimate {
  /** Server time minus local time. */
  offset: Milliseconds
  /** The most it can be wrong by. */
  error: Milliseconds
}

/** How fast two clocks are taken to part, at the most: 200 parts in a million. */
export const driftPerMs = 200e-6

/**
 * The best offset that the samples, the oldest first, allow at local time `now`: that of the shortest round trip, as wrong as half
 * of it at the most (Cristian, Distributed Computing 3, 1989), widened with age for drift. Samples from before a leap of the local
 * clock, as when the device slept, contradict the newer ones: they say nothing any more.
 */
export function estimateOffset(samples: readonly Sample[], now: Milliseconds): OffsetEstimate | undefined {
  let best: OffsetEstimate | undefined
  for (const sample of [...samples].reverse()) {
    const told = estimateOf(sample, now)
    if (best && Math.abs(told.offset - best.offset) > told.error + best.error) return best
    if (!best || told.error < best.error) best = told
  }
  return best
}

const estimateOf = ({ sent, received, server }: Sample, now: Milliseconds): OffsetEstimate => ({
  offset: server - (sent + received) / 2,
  error: (received - sent) / 2 + driftPerMs * Math.max(0, now - received),
})
