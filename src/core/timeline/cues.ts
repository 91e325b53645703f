import type { Seconds } from '../base/units'
import type { Phase } from './phase'

export type CueKind = 'three' | 'two' | 'one' | 'change' | 'changeOver' | 'half' | 'lastTen' | 'next' | 'lastLap' | 'tempo' | 'finish'

/** Something to be heard at an instant of a phase, counted from the phase's start. */
export interface Cue {
  kind: CueKind
  at: Seconds
  /** What is said, where the kind alone does not say it, and shown. */
  text?: string
  /** What is shown instead. */
  shown?: string
}

/** Work shorter than this has no half-way call, and none of its last ten seconds: the calls would run into one another. */
const worthHalving: Seconds = 20
const worthTen: Seconds = 25

/** How far into a break what comes next is said: after the change has sounded. */
const nextAfter: Seconds = 2

/**
 * What is heard in a phase of `length` seconds (its own, or as the coach has stretched it): three, two, one before its end, the
 * change at its start, the change over of sides or partners inside it, or else its half, and its last ten seconds. The count is
 * left out where it would crowd a phase shorter than 4 s.
 */
export function cuesOf(phase: Phase, length: Seconds = phase.seconds): Cue[] {
  const cues: Cue[] = [{ kind: 'change', at: 0 }]
  const works = phase.kind === 'work'
  if (phase.changeAt !== undefined && phase.changeAt < length) cues.push({ kind: 'changeOver', at: phase.changeAt })
  else if (works && length >= worthHalving) cues.push({ kind: 'half', at: Math.ceil(length / 2) })
  if (works && length >= worthTen) cues.push({ kind: 'lastTen', at: length - 10 })
  if (!works && length > nextAfter + 4) cues.push({ kind: 'next', at: nextAfter })
  if (length >= 4) {
    cues.push({ kind: 'three', at: length - 3 }, { kind: 'two', at: length - 2 }, { kind: 'one', at: length - 1 })
  }
  return cues.sort((a, b) => a.at - b.at)
}
