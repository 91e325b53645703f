import type { Seconds } from '../../base/units'
import { inSeconds } from '../../base/units'
import { repsWithin, tempoParts } from '../../pace/tempo'
import type { Phase } from '../../timeline/phase'
import type { RunState } from '../clock/state'
import { stationsAt } from '../room/eased'
import type { CircuitView, ExerciseView, RunSnapshot } from '../room/snapshot'
import { comingWork, isAhead } from '../room/whereabouts'
import { listFigures, shownFigure, type ShownFigure } from './shown-figure'
import { exerciseAt } from './sides-now'
import { changeLine, howLine, nameWithSide, pointsOf, soonLine } from './work-lines'

/** One rung beside what all do, and who shows it. */
export interface ShownVersion {
  rung: 'easier' | 'harder'
  name: string
  with?: string
  figure?: ShownFigure
}

/** The count at a tempo: the parts of a rep in order, which of them is on, and of how many whole reps which. */
export interface Beat {
  parts: { text: string; seconds: Seconds }[]
  at: number
  rep: number
  reps: number
}

/** What all do together, or come to next. */
export interface TogetherView {
  exercise: string
  ahead: boolean
  how: string
  /** Form points, or the items of a list. */
  lines: string[]
  isList: boolean
  figure?: ShownFigure
  /** Of a list, line by line. */
  pictures?: (ShownFigure | undefined)[]
  versions: ShownVersion[]
  beat?: Beat
  /** What changes, or comes, in a moment. */
  soon: string
  /** What comes after it: what follows at once, and before it begins, so much that a short block is told whole. */
  then: { name: string; how: string }[]
}

/** How many are named before the first begins. */
const mostNamed = 3

/** What the room sees where all do the same; nothing where people are at stations, after the end, or where nothing is done any more. */
export function togetherView(snapshot: RunSnapshot, state: RunState): TogetherView | undefined {
  const work = state.status === 'finished' ? undefined : comingWork(snapshot, state)
  const based = work && snapshot.circuits[work.pieceId]
  if (!work || !based || based.rotates) return undefined
  const circuit = { ...based, stations: stationsAt(based, work.repeat, work.lap, snapshot.ease) }
  const station = circuit.stations[work.station ?? 0]
  const done = exerciseAt(station, work)
  const ahead = isAhead(state, work)
  const pictures = listFigures(snapshot, station)
  const figure = station?.list || station?.rest ? undefined : shownFigure(snapshot, done)
  const beat = ahead || station?.list ? undefined : beatAt(done, work, inSeconds(state.elapsed))
  return {
    exercise: nameWithSide(circuit, work),
    ahead,
    how: howLine(circuit, work),
    lines: pointsOf(station, work),
    isList: station?.list !== undefined,
    versions: station?.list ? [] : versionsOf(snapshot, done),
    ...(figure && { figure }),
    ...(pictures && { pictures }),
    ...(beat && { beat }),
    soon: ahead ? '' : soonLine(snapshot, state) || changeLine(circuit, state, work),
    then: afterwards(snapshot, circuit, work).slice(0, ahead ? mostNamed - 1 : 1),
  }
}

function versionsOf(snapshot: RunSnapshot, done: ExerciseView | undefined): ShownVersion[] {
  const { showing, people } = snapshot
  return (['easier', 'harder'] as const).flatMap((rung): ShownVersion[] => {
    const name = done?.[rung]?.name
    const figure = shownFigure(snapshot, done?.[rung])
    const shows = people.find(({ id }) => id === showing?.[rung])?.name
    return name === undefined || name === done?.name
      ? []
      : [{ rung, name, ...(shows !== undefined && { with: shows }), ...(figure && { figure }) }]
  })
}

/** Where the count of a tempo is, `second` into an interval; nothing once no whole rep fits any more. */
function beatAt(done: ExerciseView | undefined, work: Phase, second: Seconds): Beat | undefined {
  if (!done?.tempo) return undefined
  const parts = tempoParts(done.tempo)
  const one = parts.reduce((sum, { seconds }) => sum + seconds, 0)
  const reps = one > 0 ? repsWithin(work.seconds, one) : 0
  const rep = Math.floor(second / one)
  if (rep >= reps) return undefined
  const into = second - rep * one
  const ends = parts.map((_, index) => parts.slice(0, index + 1).reduce((sum, { seconds }) => sum + seconds, 0))
  return { parts, at: ends.findIndex((end) => into < end), rep: rep + 1, reps }
}

/** What follows, each once while it goes on, up to the stations or the next piece. */
function afterwards(snapshot: RunSnapshot, circuit: CircuitView, work: Phase): TogetherView['then'] {
  const found: TogetherView['then'] = []
  let last = nameWithSide(circuit, work)
  for (const phase of snapshot.timeline.phases.slice(work.index + 1)) {
    const based = snapshot.circuits[phase.pieceId]
    if (phase.kind !== 'work' || !based || found.length >= mostNamed) continue
    const comes = { ...based, stations: stationsAt(based, phase.repeat, phase.lap, snapshot.ease) }
    const next = comes.rotates ? { name: comes.name, how: '' } : { name: nameWithSide(comes, phase), how: howLine(comes, phase) }
    if (next.name !== last) found.push(next)
    last = next.name
    if (phase.pieceId !== work.pieceId) break
  }
  return found
}
