import type { Timeline } from '../../timeline/phase'
import { inMilliseconds, inSeconds, formatSeconds, type Milliseconds } from '../../base/units'
import { lengthOf, trimmed, withoutLaps, withoutOptional, withoutSets, type Cut, type Past } from './cuts'
import { advance, type Progress } from '../clock/progress'
import { isDone, plannedWork, turnKey } from '../clock/worked'
import { keptOf, retimed, type KeptPhase } from './retimed'
import type { RunSnapshot } from '../room/snapshot'
import { stateAt } from '../clock/state'

/** A way to go on differently from the next boundary: what it does, what it costs, and the timeline with which it does it. */
export interface WayToEnd {
  id: string
  label: string
  /** What it costs, or gives, in words. */
  told: string[]
  timeline: Timeline
  /** The phase at which the new timeline is entered. */
  phase: number
  endsAt: Milliseconds
}

/** One lap fewer of the last circuit that has one wholly ahead, whatever the time; nothing where there is none. */
export function oneLapFewer(snapshot: RunSnapshot, progress: Progress, now: Milliseconds): WayToEnd[] {
  const here = advance(progress, now)
  if (here.mode === 'finished' || here.amended) return []
  const next = here.mode === 'ready' ? 0 : here.phase + 1
  const past = keptOf(here.timeline).slice(0, next)
  const ahead: Cut = { ids: [], phases: keptOf(here.timeline).slice(next), labels: [], told: [], cost: 0 }
  const [cut] = withoutLaps(snapshot, pastOf(here, past), ahead)
  if (!cut) return []
  return [
    {
      id: 'fewer',
      label: cut.labels.join(', then '),
      told: cut.told,
      timeline: retimed(here.timeline, [...past, ...cut.phases]),
      phase: past.length,
      endsAt: stateAt(progress, now).endsAt - inMilliseconds(lengthOf(ahead.phases) - lengthOf(cut.phases)),
    },
  ]
}

/** What is behind, with what was worked of it: the phase that is on will have been. */
function pastOf(here: Progress, phases: readonly KeptPhase[]): Past {
  const planned = plannedWork(here.timeline)
  const isWorked = (phase: KeptPhase) => phase.index === here.phase || isDone(here.worked, phase, planned.get(turnKey(phase)) ?? 0)
  return { phases, worked: phases.filter((phase) => phase.kind !== 'work' || isWorked(phase)) }
}

/** What a way begins with: however many laps it drops, it drops laps. */
const kindOf = ({ ids }: Cut) => ids[0]!.replace(/\d+$/, '')

/**
 * Up to three ways to end by `deadline`, the one that costs least first, none of them touching the phase that is on: leave
 * optional parts out, drop laps that have not begun, or a set at every station that is to come, trim breaks, trim work, and what
 * these make together. Where nothing reaches it, those that come nearest. Empty when the class ends in time.
 */
export function waysToEndBy(snapshot: RunSnapshot, progress: Progress, now: Milliseconds, deadline: Milliseconds): WayToEnd[] {
  const here = advance(progress, now)
  const state = stateAt(progress, now)
  const over = Math.ceil(inSeconds(state.endsAt - deadline))
  if (over <= 0 || here.mode === 'finished') return []
  const { timeline } = here.amended ?? here
  const next = here.mode === 'ready' ? 0 : here.amended ? here.amended.phase : here.phase + 1
  const past = here.mode === 'ready' ? [] : keptOf(here.timeline).slice(0, here.phase + 1)
  const ahead: Cut = { ids: [], phases: keptOf(timeline).slice(next), labels: [], told: [], cost: 0 }
  const goal = lengthOf(ahead.phases) - over
  const behind = pastOf(here, past)
  const bases = [ahead, withoutOptional(ahead)].flatMap((cut) =>
    cut ? [cut, ...withoutLaps(snapshot, behind, cut), ...withoutSets(snapshot, behind, cut)] : [],
  )
  const cuts = bases.flatMap((cut) => {
    const rests = trimmed(snapshot, cut, goal, 'break')
    return [cut, rests, trimmed(snapshot, cut, goal, 'work'), rests && trimmed(snapshot, rests, goal, 'work')]
  })
  const ways = cuts.flatMap((cut) =>
    cut && cut.ids.length > 0 && cut.phases.length > 0 ? [{ cut, late: Math.max(0, lengthOf(cut.phases) - goal) }] : [],
  )
  ways.sort((a, b) => a.late - b.late || a.cut.cost - b.cut.cost)
  // Of those that begin alike only the best is shown: three ways are three different ways.
  const shown = ways.filter(({ cut }, index) => ways.findIndex((way) => kindOf(way.cut) === kindOf(cut)) === index).slice(0, 3)
  return shown.map(({ cut, late }): WayToEnd => {
    const made = retimed(timeline, [...past, ...cut.phases])
    const saved = lengthOf(ahead.phases) - lengthOf(cut.phases)
    return {
      id: cut.ids.join('+'),
      label: cut.labels.join(', then '),
      told: [...cut.told, ...(late > 0 ? [`Still ${formatSeconds(late)} over: there is no more to take.`] : [])],
      timeline: made,
      phase: past.length,
      endsAt: state.endsAt - inMilliseconds(saved),
    }
  })
}
