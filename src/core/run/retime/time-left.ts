import type { Phase, Timeline } from '../../timeline/phase'
import { inMilliseconds, inSeconds, formatSeconds, type Milliseconds, type Seconds } from '../../base/units'
import type { WayToEnd } from './finish-by'
import { advance, type Progress } from '../clock/progress'
import { keptOf, retimed, type KeptPhase } from './retimed'
import type { CircuitView, RunSnapshot } from '../room/snapshot'
import { stateAt } from '../clock/state'

/** Time over of less than this is left as it is. */
export const worthFilling: Seconds = 45

const breakSeconds: Seconds = 15

/**
 * What fits the time that is left until `deadline`, the one that fills it best first: another lap, or some turns, of what the
 * class has done, or longer stretches; and last, time to drink and ask. They come before the last piece, if that is still to come.
 */
export function closers(snapshot: RunSnapshot, progress: Progress, now: Milliseconds, deadline: Milliseconds): WayToEnd[] {
  const here = advance(progress, now)
  const state = stateAt(progress, now)
  const spare = Math.floor(inSeconds(deadline - state.endsAt))
  if (here.mode === 'finished' || here.mode === 'ready' || here.amended || spare < worthFilling) return []
  const { timeline, phase } = here
  const kept = keptOf(timeline)
  const way = (id: string, label: string, told: string[], made: Timeline): WayToEnd => ({
    id,
    label,
    told,
    timeline: made,
    phase: phase + 1,
    endsAt: state.endsAt + inMilliseconds(made.total - timeline.total),
  })
  const at = beforeTheLast(timeline, phase)
  const found = doneSoFar(timeline, phase).flatMap((pieceId): WayToEnd[] => {
    const circuit = snapshot.circuits[pieceId]
    const more = circuit && roundAgain(timeline, pieceId, spare)
    if (!more) return []
    const told = circuit.rotates ? ['Everyone begins where they began.'] : []
    return [
      way(
        `again-${pieceId}`,
        againWords(circuit, more),
        told,
        retimed(timeline, [...kept.slice(0, at), ...more.phases, ...kept.slice(at)]),
      ),
    ]
  })
  const last = timeline.phases.at(-1)!
  const longer = stretched(timeline, phase, spare)
  if (longer) {
    const label = `${snapshot.circuits[last.pieceId]?.name ?? 'The end'} ${longer.by} s longer at each exercise`
    found.push(way('longer', label, ['What is left of it, in calm.'], longer.timeline))
  }
  const talk: KeptPhase = { ...placeless(last), kind: 'pause', pause: 'water', seconds: spare, moves: false }
  found.sort((a, b) => b.endsAt - a.endsAt)
  return [...found.slice(0, 3), way('talk', `${formatSeconds(spare)} to drink, ask and put away`, [], retimed(timeline, [...kept, talk]))]
}

/** Index of the first phase of the last piece, if it is still to come; the end of the class otherwise. */
function beforeTheLast({ phases }: Timeline, present: number): number {
  const last = phases.at(-1)!
  const start = phases.findIndex((phase) => phase.pieceId === last.pieceId && phase.repeat === last.repeat)
  return start > present ? start : phases.length
}

/** Ids of the pieces by the clock that the class has done some of. Nobody warms up twice. */
function doneSoFar({ phases }: Timeline, present: number): string[] {
  const warmUp = phases.find((phase) => phase.kind === 'work')!.pieceId
  const done = new Set(
    phases
      .slice(0, present + 1)
      .flatMap((phase) => (phase.kind === 'work' && !phase.selfPaced && phase.wave === undefined ? [phase.pieceId] : [])),
  )
  return [...done].filter((pieceId) => pieceId !== warmUp || done.size === 1)
}

function againWords({ name, rotates }: CircuitView, { works, whole }: More): string {
  if (whole) return rotates ? `Another lap of ${name}` : `${name} once more`
  const one = rotates ? 'turn' : 'exercise'
  return `${works} more ${works === 1 ? one : `${one}s`} of ${name}`
}

const placeless = ({ partId, pieceId, repeat }: Phase): Pick<Phase, 'partId' | 'pieceId' | 'repeat' | 'optional' | 'index' | 'start'> => ({
  partId,
  pieceId,
  repeat,
  optional: false,
  index: 0,
  start: 0,
})

interface More {
  phases: KeptPhase[]
  /** Intervals of work in them. */
  works: number
  /** Whether that is all of a lap. */
  whole: boolean
}

/** The first lap of a piece once more, or as many of its intervals as fit, with a break to get there. */
function roundAgain(timeline: Timeline, pieceId: string, spare: Seconds): More | undefined {
  const own = timeline.phases.filter((phase) => phase.pieceId === pieceId && phase.repeat === 0)
  const lap = own.filter((phase) => (phase.lap ?? 0) === 0)
  const works = lap.filter((phase) => phase.kind === 'work')
  const rotates = own.some((phase) => phase.moves)
  const lead: KeptPhase = { ...placeless(works[0]!), kind: rotates ? 'transition' : 'rest', seconds: breakSeconds, moves: rotates }
  const until = lap.findLastIndex((phase) => phase.kind === 'work') + 1
  const phases: KeptPhase[] = [lead]
  let seconds = breakSeconds
  let done = 0
  for (const phase of lap.slice(0, until)) {
    if (seconds + phase.seconds > spare) break
    seconds += phase.seconds
    phases.push({ ...phase })
    if (phase.kind === 'work') done++
  }
  while (done > 0 && phases.at(-1)!.kind !== 'work') phases.pop()
  return done === 0 ? undefined : { phases, works: done, whole: done === works.length }
}

/** What everyone still does together at the end, each interval longer by the same whole seconds. */
function stretched(timeline: Timeline, present: number, spare: Seconds): { timeline: Timeline; by: Seconds } | undefined {
  const last = timeline.phases.at(-1)!
  const ahead = timeline.phases.filter(
    (phase) =>
      phase.index > present &&
      phase.kind === 'work' &&
      phase.pieceId === last.pieceId &&
      phase.turn !== undefined &&
      !phase.moves &&
      !phase.selfPaced,
  )
  // Nobody holds a stretch for more than twice as long as it was meant to be.
  const by = ahead.length === 0 ? 0 : Math.min(Math.floor(spare / ahead.length), ...ahead.map((phase) => phase.seconds))
  if (by < 5 || timeline.phases.some((phase) => phase.pieceId === last.pieceId && phase.moves)) return undefined
  return {
    by,
    timeline: retimed(
      timeline,
      keptOf(timeline).map((phase) =>
        ahead.some(({ index }) => index === phase.index) ? { ...phase, seconds: phase.seconds + by } : phase,
      ),
    ),
  }
}
