import { cuesOf, type CueKind } from '../../timeline/cues'
import { inMilliseconds, inSeconds, type Milliseconds } from '../../base/units'
import { spoken, type CueListener } from './cue-words'
import { advance, phaseLimit, presentPhase, type Progress } from '../clock/progress'

export interface TimedCue {
  kind: CueKind
  at: Milliseconds
  /** What is said, and shown. */
  text?: string
  /** What is shown instead. */
  shown?: string
  /** The phase that it belongs to; absent for the count-in. */
  phase?: number
}

/**
 * The cues from `from` up to `until` (server time) if nothing more happens: what a screen schedules ahead. None while the clock
 * stands. For a listener, each with what is said at it there.
 */
export function upcomingCues(progress: Progress, from: Milliseconds, until: Milliseconds, listener?: CueListener): TimedCue[] {
  const cues: TimedCue[] = []
  let here = advance(progress, from)
  if (here.mode !== 'running') return cues
  const take = (cue: TimedCue) => {
    if (cue.at >= from && cue.at < until) cues.push(cue)
  }
  if (here.countIn > 0) {
    const zero = here.at + here.countIn
    ;(['three', 'two', 'one'] as const).forEach((kind, index) =>
      take({ kind, at: zero - inMilliseconds(3 - index), ...(listener && { text: String(3 - index) }) }),
    )
  }
  while (here.mode === 'running') {
    const start = here.at + here.countIn - here.elapsed
    const length = phaseLimit(here)
    const phase = presentPhase(here)
    const heard = cuesOf(phase, inSeconds(length))
    for (const { at, ...cue } of listener ? spoken(heard, phase, here.timeline, listener, inSeconds(length)) : heard) {
      take({ ...cue, at: start + inMilliseconds(at), phase: here.phase })
    }
    const end = start + length
    if (here.holding || end >= until) return cues
    here = advance(here, end)
    if (here.mode === 'finished') take({ kind: 'finish', at: end, ...(listener && { text: 'Done. Thank you.' }) })
  }
  return cues
}
