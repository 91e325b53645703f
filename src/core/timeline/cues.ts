import type { Seconds } from '../units'
import type { Phase } from './phase'

export type CueKind = 'three' | 'two' | 'one' | 'change' | 'changeOver' | 'finish'

/** Something to be heard at an instant of a phase, counted from the phase's start. */
export interface Cue {
  kind: CueKind
  at: Seconds
}

/**
 * What is heard in a phase of `length` seconds (its own, or as the coach has stretched it): three, two, one before its
 * end, the change at its start, and the change over of sides or partners inside it. The count is left out where it
 * would crowd a phase shorter than 4 s.
 */
export function cuesOf(phase: Phase, length: Seconds = phase.seconds): Cue[] {
  const cues: Cue[] = [{ kind: 'change', at: 0 }]
  if (phase.changeAt !== undefined && phase.changeAt < length) cues.push({ kind: 'changeOver', at: phase.changeAt })
  if (length >= 4) {
    cues.push({ kind: 'three', at: length - 3 }, { kind: 'two', at: length - 2 }, { kind: 'one', at: length - 1 })
  }
  return cues
}
