import type { Pause } from '../plan/plan'
import type { Seconds } from '../base/units'
import type { Phase, Place } from './phase'

/** A phase before it has its place in time. */
export type PhaseDraft = Omit<Phase, 'index' | 'start'>

/** A break that follows work, or an explicit pause, waiting to be settled with its neighbours. */
export type Pending =
  | { type: 'break'; seconds: Seconds; kind: 'transition' | 'rest'; moves: boolean; place: Place }
  | { type: 'pause'; seconds: Seconds; pause: Pause['kind']; moves: boolean; place: Place }

type Break = Extract<Pending, { type: 'break' }>
type ExplicitPause = Extract<Pending, { type: 'pause' }>

/** Breaks in a row start at the same instant: the longest stands, on a tie the one of wider scope (the later). */
function longestOf(breaks: Break[]): Break {
  const longest = breaks.reduce((best, next) => (next.seconds >= best.seconds ? next : best))
  return { ...longest, moves: breaks.some((pause) => pause.moves) }
}

/**
 * The break rule. Breaks that start at the same instant merge, and merge with one pause that touches them (the one after them,
 * else the one before; never a brief): the longest stands, on a tie the pause. Pauses add up. `moves` is kept whichever stands.
 * What lasts no time makes no phase.
 */
export function settleBreaks(pending: readonly Pending[]): PhaseDraft[] {
  const merged: Pending[] = []
  let run: Break[] = []
  // Whether the last that stands is a pause, or a longer break that took one in: either takes the break after it in too.
  let tookPause = false
  // A pause takes a break before it; one that has done so can still take the break after it.
  const closeRun = (pauseAfter?: ExplicitPause) => {
    const takes = pauseAfter !== undefined && pauseAfter.pause !== 'brief'
    if (run.length > 0) {
      const longest = longestOf(run)
      run = []
      if (takes) merged.push(stronger(longest, pauseAfter))
      else if (tookPause) merged[merged.length - 1] = stronger(longest, merged.at(-1)!)
      else merged.push(longest)
      if (pauseAfter && !takes) merged.push(pauseAfter)
    } else if (pauseAfter) merged.push(pauseAfter)
    tookPause = takes
  }
  for (const waiting of pending) {
    if (waiting.type === 'break') run.push(waiting)
    else closeRun(waiting)
  }
  closeRun()
  return merged.filter((waiting) => waiting.seconds > 0).map(draftOf)
}

function stronger(one: Break, standing: Pending): Pending {
  const moves = one.moves || standing.moves
  return one.seconds > standing.seconds ? { ...one, moves } : { ...standing, moves }
}

function draftOf({ type, place, ...rest }: Pending): PhaseDraft {
  return type === 'pause' ? { ...place, kind: 'pause', ...rest } : { ...place, kind: 'rest', ...rest }
}
