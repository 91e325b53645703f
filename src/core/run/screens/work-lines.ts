import { inSeconds } from '../../base/units'
import type { Phase } from '../../timeline/phase'
import type { RunState } from '../clock/state'
import { linesOf, stationsAt } from '../room/eased'
import type { CircuitView, ExerciseView, RunSnapshot, StationView } from '../room/snapshot'
import { followsAtOnce } from '../room/whereabouts'
import { exerciseAt, halfNames, intervalSide, stationsThatChange, stationsWord } from './sides-now'

/** The list to work through, or the form points of the one exercise. */
export const pointsOf = (station: StationView | undefined, work: Phase) =>
  station?.list ? linesOf(station) : (exerciseAt(station, work)?.points ?? [])

/** What all do, with the side that it is for; of a list, how it is gone through. */
export function nameWithSide(circuit: CircuitView, work: Phase): string {
  const station = circuit.stations[work.station ?? 0]
  if (station?.list && work.rung !== undefined) return ledWords(work)
  if (station?.list) return work.selfPaced?.open ? 'Through the list, at your own pace' : 'Round after round, at your own pace'
  const exercise = exerciseAt(station, work)
  const name = exercise?.name ?? `Station ${(work.station ?? 0) + 1}`
  return work.side === undefined ? name : `${name}, ${halfNames[work.side]}`
}

/** What a rung asks, and that nobody goes ahead. */
const ledWords = ({ reps = 1 }: Phase): string => `${reps} of each, all together`

/** Who changes sides or partners at the half, and in how many seconds; afterwards, that it is the second half. */
export function changeLine(circuit: CircuitView, state: RunState, work: Phase): string {
  const sides = sideLine(circuit, work)
  if (work.selfPaced && circuit.rotates) return 'Round after round, at your own pace'
  if (work.changeAt === undefined) return sides
  const toGo = Math.ceil(work.changeAt - inSeconds(state.elapsed))
  const partners = circuit.pairs === 'halfEach'
  const where = partners || !circuit.rotates ? '' : `${stationsWord(stationsThatChange(circuit, work))}: `
  if (toGo > 0) return partners ? `Partners change in ${toGo}` : `${where}${where ? 'change' : 'Change'} sides in ${toGo}`
  return partners ? 'Second partner' : `${where}${where ? 'second' : 'Second'} side`
}

function sideLine(circuit: CircuitView, work: Phase): string {
  if (!circuit.rotates) return ''
  const those = (sides: ExerciseView['sides']) =>
    circuit.stations.flatMap((station, index) => (exerciseAt(station, work)?.sides === sides ? [index] : []))
  const [byLap, byInterval] = [those('byLap'), those('ownInterval')]
  return [
    byLap.length > 0 ? `${stationsWord(byLap)}: ${halfNames[(work.lap ?? 0) % 2]} this lap` : '',
    byInterval.length > 0 ? `${stationsWord(byInterval)}: ${intervalSide(work)} this time` : '',
  ]
    .filter(Boolean)
    .join('. ')
}

/** In the last ten seconds of what all do together, what follows at once. */
export function soonLine(snapshot: RunSnapshot, state: RunState): string {
  if (state.remaining > 10_000 || state.phase.selfPaced?.open || state.phase.rung !== undefined) return ''
  const next = followsAtOnce(snapshot.timeline, state.phase)
  const circuit = next && snapshot.circuits[next.pieceId]
  if (!next || !circuit || circuit.rotates) return ''
  const stations = stationsAt(circuit, next.repeat, next.lap, snapshot.ease)
  return `Next: ${nameWithSide({ ...circuit, stations }, next)}`
}

/** How the one exercise is done: tempo, effort, reps; of a list, what is aimed at. */
export function howLine(circuit: CircuitView, work: Phase): string {
  const station = circuit.stations[work.station ?? 0]
  return work.rung === undefined ? (station?.list?.aim ?? exerciseAt(station, work)?.how ?? '') : ''
}
