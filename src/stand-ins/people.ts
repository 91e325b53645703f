import { stationsAt } from '../core/run/room/eased'
import type { TapKind } from '../core/run/clock/events'
import { limitOf } from '../core/run/clock/progress'
import type { RunSnapshot } from '../core/run/room/snapshot'
import type { ListMark } from '../core/timeline/list-marks'
import type { Phase } from '../core/timeline/phase'
import type { Seconds } from '../core/base/units'

/** A tap that somebody of a simulated class makes, so many seconds into a phase. */
export interface PlannedTap {
  at: Seconds
  personId: string
  what: TapKind
}

/**
 * What a simulated class taps in a self-paced phase: everyone goes through the list at a pace of their own, somewhere between the
 * quick and the slow (`random` gives numbers from 0 to 1, one for each person), taps every round, and the finish where the list
 * has one. In order of time; nothing outside such a phase.
 */
export function tapsOfClass(snapshot: RunSnapshot, phase: Phase, random: () => number): PlannedTap[] {
  const circuit = snapshot.circuits[phase.pieceId]
  const marks = phase.selfPaced && circuit && stationsAt(circuit, phase.repeat, phase.lap)[phase.station ?? 0]?.list?.marks
  if (!marks) return []
  const taps = snapshot.people.flatMap(({ id: personId }) => {
    const share = random()
    const between = (quick: Seconds, slow: Seconds) => Math.round(quick + (slow - quick) * share)
    const [quick, slow] = [endsOf(marks.low), endsOf(marks.high)]
    // Who is slow does not come to as many rounds as who is quick: what has no end for the slow is reckoned from the quick alone.
    const rounds = quick.rounds.map((end, round): PlannedTap => ({
      at: between(end, slow.rounds[round] ?? end * 1.6),
      personId,
      what: 'round',
    }))
    const finish: PlannedTap[] =
      quick.done === undefined ? [] : [{ at: between(quick.done, slow.done ?? phase.seconds), personId, what: 'finish' }]
    return [...rounds, ...finish]
  })
  const end = limitOf(phase) / 1000
  return taps.filter((tap) => tap.at < end).sort((a, b) => a.at - b.at)
}

/** When each round of a list is over, and when all of it is. */
function endsOf(marks: readonly ListMark[]): { rounds: Seconds[]; done: Seconds | undefined } {
  const rounds = marks.flatMap((mark, index) => {
    const before = marks[index - 1]
    return before?.round !== undefined && mark.round !== undefined && mark.round > before.round ? [mark.from] : []
  })
  return { rounds, done: marks.find((mark) => mark.done)?.from }
}
