import { inSeconds, type Seconds } from '../../base/units'
import type { ListMark, ListMarks } from '../../timeline/list-marks'
import { isOwnPace } from '../../timeline/phase'
import type { RunState } from '../clock/state'
import { stationsAt } from '../room/eased'
import type { RunSnapshot } from '../room/snapshot'

/** The place that holds at a second. */
export const markAt = (marks: readonly ListMark[], second: Seconds): ListMark | undefined => marks.findLast((mark) => mark.from <= second)

/** When people come to which place of the list that all are at; nothing at stations, where each is at their own. */
export function marksOf(snapshot: RunSnapshot, { phase }: Pick<RunState, 'phase'>): ListMarks | undefined {
  const circuit = snapshot.circuits[phase.pieceId]
  if (!isOwnPace(phase) || !circuit || circuit.rotates) return undefined
  return stationsAt(circuit, phase.repeat, phase.lap)[phase.station ?? 0]?.list?.marks
}

/** In which round of their list most people are by now, as the pace model has it; nothing where they go through it but once. */
export function roundWords(snapshot: RunSnapshot, state: Pick<RunState, 'phase' | 'elapsed'>): string {
  const marks = marksOf(snapshot, state)
  if (!marks || !marks.low.some(({ round }) => round !== undefined && round > 0)) return ''
  const now = markAt(marks.typical, inSeconds(state.elapsed))
  if (!now || now.done) return now ? 'most are done' : ''
  return now.round === undefined ? 'most at the opener' : `most in round ${now.round + 1}`
}
