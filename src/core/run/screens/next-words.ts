import { formatSeconds } from '../../base/units'
import { phaseWord } from '../../summary/names'
import { stationsAt } from '../room/eased'
import { wayTo, type WayToGo } from './move-words'
import { exerciseAt } from './sides-now'
import type { RunSnapshot } from '../room/snapshot'
import type { RunState } from '../clock/state'

/** What follows what is on, for whoever leads the class: the piece, the exercise, or the way to the next stations. */
export function nextWords(snapshot: RunSnapshot, state: Pick<RunState, 'status' | 'phase' | 'next' | 'timeline'>): WayToGo {
  const next = state.status === 'ready' ? state.phase : state.next
  if (state.status === 'finished') return { headline: 'The class is over', detail: '' }
  if (!next) return { headline: 'The end', detail: '' }
  const circuit = snapshot.circuits[next.pieceId]
  if (state.status === 'ready' || next.pieceId !== state.phase.pieceId)
    return {
      headline: snapshot.pieceNames[next.pieceId] ?? phaseWord(next),
      detail: circuit?.rotates ? 'Everyone finds their station' : '',
    }
  if (!circuit) return { headline: phaseWord(next), detail: '' }
  const work = state.timeline.phases.slice(next.index).find((phase) => phase.kind === 'work' && phase.pieceId === next.pieceId)
  if (next.moves && circuit.rotates && work) {
    const { headline, detail } = wayTo(snapshot, circuit, work)
    return { headline: phaseWord(next), detail: [headline.replace(/\.$/, ''), detail].filter(Boolean).join('. ') }
  }
  if (circuit.rotates || !work) return { headline: phaseWord(next), detail: '' }
  const name = exerciseAt(stationsAt(circuit, work.repeat, work.lap, snapshot.ease)[work.station ?? 0], work)?.name ?? phaseWord(work)
  return { headline: name, detail: next === work ? '' : `after ${formatSeconds(next.seconds)} of ${phaseWord(next).toLowerCase()}` }
}
