import { cuesOf, type CueKind } from '../timeline/cues'
import type { Milliseconds } from '../units'
import { advance, phaseLength, type Progress } from './progress'

export interface TimedCue {
  kind: CueKind
  at: Milliseconds
  /** The phase that it belongs to; absent for the count-in. */
  phase?: number
}

/**
 * The cues from `from` up to `until` (server time) if nothing more happens: what a screen schedules ahead.
 * None while the clock stands.
 */
export function upcomingCues(progress: Progress, from: Milliseconds, until: Milliseconds): TimedCue[] {
  const cues: TimedCue[] = []
  let here = advance(progress, from)
  if (here.mode !== 'running') return cues
  const take = (cue: TimedCue) => {
    if (cue.at >= from && cue.at < until) cues.push(cue)
  }
  if (here.countIn > 0) {
    const zero = here.at + here.countIn
    ;(['three', 'two', 'one'] as const).forEach((kind, index) => take({ kind, at: zero - (3 - index) * 1000 }))
  }
  while (here.mode === 'running') {
    const start = here.at + here.countIn - here.elapsed
    const length = phaseLength(here)
    for (const cue of cuesOf(here.timeline.phases[here.phase]!, length / 1000)) {
      take({ kind: cue.kind, at: start + cue.at * 1000, phase: here.phase })
    }
    const end = start + length
    if (here.holding || end >= until) return cues
    here = advance(here, end)
    if (here.mode === 'finished') take({ kind: 'finish', at: end })
  }
  return cues
}
