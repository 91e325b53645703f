import type { Progress } from '../core/run/clock/progress'
import { upcomingCues, type TimedCue } from '../core/run/screens/upcoming-cues'
import type { Milliseconds } from '../core/base/units'

/** A cue that was heard, and how late. */
export interface HeardCue {
  kind: TimedCue['kind']
  at: Milliseconds
  late: Milliseconds
}

interface SpeakerOptions {
  now: () => Milliseconds
  /** How far ahead cues are put into the queue, by the class's own time. */
  ahead: () => Milliseconds
  /** How late the queue plays what is put into it, as an audio device would. */
  latency?: () => Milliseconds
}

/**
 * A simulated room speaker: cues are put into a queue ahead of time, as onto an audio clock, and the log says of each how late it
 * was heard. `look` is called now and then, as a page's timer would; what is in the queue is played on its instant however long
 * the next look takes.
 */
export class SimulatedSpeaker {
  readonly log: HeardCue[] = []
  private queue = new Map<string, TimedCue>()
  private heard = new Set<string>()
  private played = -Infinity

  constructor(private readonly options: SpeakerOptions) {}

  /** Puts what comes into the queue; an event that changes the course takes back what has not been heard. */
  look(progress: Progress, changed = false): void {
    const now = this.options.now()
    this.play(now)
    if (changed) this.queue.clear()
    // From what has been played on: a look that comes late still tells what it has missed.
    const from = Math.max(progress.at, Number.isFinite(this.played) ? this.played : now)
    for (const cue of upcomingCues(progress, Math.min(from, now), now + this.options.ahead())) {
      const key = keyOf(cue)
      if (this.queue.has(key) || this.heard.has(key)) continue
      // Too late to be queued ahead: heard at once.
      if (cue.at < now) this.hear(cue, now - cue.at)
      else this.queue.set(key, cue)
    }
    this.played = now
  }

  private play(now: Milliseconds): void {
    for (const [key, cue] of this.queue) {
      if (cue.at > now) continue
      this.queue.delete(key)
      this.hear(cue, this.options.latency?.() ?? 0)
    }
  }

  private hear(cue: TimedCue, late: Milliseconds): void {
    this.heard.add(keyOf(cue))
    this.log.push({ kind: cue.kind, at: cue.at, late })
  }
}

const keyOf = (cue: TimedCue) => `${cue.kind}-${Math.round(cue.at)}`
