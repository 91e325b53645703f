import type { Cue, CueKind } from '../../timeline/cues'
import type { Phase, Timeline } from '../../timeline/phase'
import { repCount, tempoCount } from '../../pace/tempo'
import type { Seconds } from '../../base/units'
import { stationsAt } from '../room/eased'
import { onward, wayTo } from './move-words'
import { exerciseAt, stationsThatChange, stationsWord } from './sides-now'
import type { ExerciseView, RunSnapshot } from '../room/snapshot'
import { followsAtOnce } from '../room/whereabouts'

/** Where cues are heard: in the whole room, or at one station (from 0) with its own count. */
export interface CueListener {
  snapshot: RunSnapshot
  station?: number | undefined
}

/** What is said of a kind of cue that says the same every time. */
const always: Partial<Record<CueKind, string>> = {
  three: '3',
  two: '2',
  one: '1',
  half: 'Half way',
  lastLap: 'Last lap',
  finish: 'Done. Thank you.',
}

/** Reps closer together than this are not counted aloud: nobody can say them. */
const sayable: Seconds = 1

/** The cues of a phase with what is said at each, the count of a tempo and the call of the last lap among them. */
export function spoken(cues: readonly Cue[], phase: Phase, timeline: Timeline, { snapshot, station }: CueListener, length: Seconds): Cue[] {
  const said = cues.flatMap((cue): Cue[] => {
    const text = always[cue.kind] ?? wordsFor(cue.kind, phase, timeline, snapshot, station)
    // With nothing to say of what comes next, or of a change that others make, nothing is said.
    return (cue.kind === 'next' || cue.kind === 'changeOver') && !text ? [] : [{ ...cue, ...(text && { text }) }]
  })
  const counted = countOf(phase, snapshot, station, length).map((count): Cue => ({ kind: 'tempo', ...count }))
  const lastLap: Cue[] = beginsLastLap(phase, timeline) ? [{ kind: 'lastLap', at: 0, text: always.lastLap! }] : []
  return [...said, ...lastLap, ...counted].sort((a, b) => a.at - b.at)
}

function wordsFor(kind: CueKind, phase: Phase, timeline: Timeline, snapshot: RunSnapshot, heardAt?: number): string | undefined {
  if (kind === 'changeOver') return changeOverWords(phase, snapshot, heardAt)
  const comes = timeline.phases.slice(phase.index + 1).find((later) => later.kind === 'work')
  // After the last work, there is nowhere to move on to.
  if (kind === 'change') return phase.kind === 'work' ? 'Work' : phase.moves && comes ? 'Move on' : 'Rest'
  if (kind === 'lastTen') return lastTenWords(phase, timeline, snapshot)
  if (kind !== 'next') return undefined
  const work = comes
  const circuit = work && snapshot.circuits[work.pieceId]
  if (!work || !circuit) return undefined
  if (!circuit.rotates) {
    const name = work.reps === undefined ? exerciseIn(work, snapshot)?.name : `${work.reps} of each`
    return name && `Next: ${name}`
  }
  if (work.pieceId !== phase.pieceId) return `Next: ${circuit.name}. Find your station`
  // How a loop goes on, everyone knows; at a station its own people have it on its screen.
  const { headline } = wayTo(snapshot, circuit, work)
  return phase.moves && headline !== onward && heardAt === undefined ? headline : undefined
}

/** The last ten seconds, and what all do as soon as they are over. */
function lastTenWords(phase: Phase, timeline: Timeline, snapshot: RunSnapshot): string {
  const next = followsAtOnce(timeline, phase)
  const circuit = next && snapshot.circuits[next.pieceId]
  const name = next && circuit && !circuit.rotates ? exerciseIn(next, snapshot)?.name : undefined
  return name ? `Ten seconds. Next: ${name}` : 'Ten seconds'
}

/** Who changes at the half: partners, or sides, and where they are not the same everywhere, at which stations. */
function changeOverWords(phase: Phase, snapshot: RunSnapshot, heardAt?: number): string | undefined {
  const based = snapshot.circuits[phase.pieceId]
  if (!based) return undefined
  if (based.pairs === 'halfEach') return 'Change partners'
  const circuit = { ...based, stations: stationsAt(based, phase.repeat, phase.lap, snapshot.ease) }
  const changing = stationsThatChange(circuit, phase)
  if (!circuit.rotates || changing.length === circuit.stations.length) return 'Change sides'
  if (heardAt === undefined) return `${stationsWord(changing)}: change sides`
  return changing.includes(heardAt) ? 'Change sides' : undefined
}

/** The one exercise that is done in a phase where it is heard; nothing where people do different ones. */
function exerciseIn(phase: Phase, snapshot: RunSnapshot, heardAt = 0): ExerciseView | undefined {
  const circuit = snapshot.circuits[phase.pieceId]
  if (!circuit) return undefined
  const station = stationsAt(circuit, phase.repeat, phase.lap, snapshot.ease)[circuit.rotates ? heardAt : (phase.station ?? 0)]
  return station?.list || station?.rest ? undefined : exerciseAt(station, phase)
}

function countOf(phase: Phase, snapshot: RunSnapshot, heardAt: number | undefined, length: Seconds) {
  const circuit = snapshot.circuits[phase.pieceId]
  const same = !circuit?.rotates || circuit.stations.length === 1 || heardAt !== undefined
  const exercise = same && phase.kind === 'work' && !phase.selfPaced ? exerciseIn(phase, snapshot, heardAt) : undefined
  if (exercise?.tempo) return tempoCount(exercise.tempo, length)
  return exercise?.reps && length / exercise.reps >= sayable ? repCount(exercise.reps, length) : []
}

function beginsLastLap(phase: Phase, { phases }: Timeline): boolean {
  if (phase.kind !== 'work' || !phase.lap) return false
  const own = (other: Phase) => other.kind === 'work' && other.pieceId === phase.pieceId && other.repeat === phase.repeat
  const before = phases.slice(0, phase.index).findLast(own)
  return before?.lap !== phase.lap && !phases.slice(phase.index + 1).some((known) => own(known) && (known.lap ?? 0) > phase.lap!)
}
