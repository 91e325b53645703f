import type { Outcome } from '../results/outcome'
import type { ResultPlace } from '../results/sheet'
import { isOwnPace, type Phase } from '../timeline/phase'
import type { Progress, Tap } from '../run/clock/progress'
import type { RunSnapshot } from '../run/room/snapshot'
import { measureOf, type ResultPlaces } from './result-places'
import { outcomeOf, standingsIn } from './standing'

/** What was tapped of somebody in a list of a run. */
export interface TappedResult extends ResultPlace {
  personId: string
  outcome: Outcome
  /** The same for all who were tapped at once. */
  entry: string
  /** How long each round took, in tenths of a second. */
  splits: number[]
}

/** All that was tapped in a run, list by list; who was not tapped is not there. Once a list is over, who has not come to its end has not finished. */
export const tappedResults = (snapshot: RunSnapshot, places: ResultPlaces, { timeline, taps, phase, mode }: Progress): TappedResult[] =>
  timeline.phases.flatMap((list) => {
    const found = isOwnPace(list) ? places.ofList(list) : undefined
    if (!found) return []
    const isOver = mode === 'finished' || phase > list.index
    return standingsIn(snapshot, taps, list.index).flatMap((standing) => {
      const outcome = outcomeOf(standing)
      if (!outcome) return []
      const stopped = isOver && measureOf(list) === 'time' && standing.finished === undefined
      return [
        {
          ...found,
          personId: standing.personId,
          outcome: stopped ? { ...outcome, didNotFinish: true as const } : outcome,
          entry: standing.last?.id ?? '',
          splits: splitsOf(taps, list, standing.personId, standing.began),
        },
      ]
    })
  })

function splitsOf(taps: readonly Tap[], { index }: Phase, personId: string, began: number): number[] {
  const ends = taps
    .filter((tap) => tap.phase === index && tap.personIds.includes(personId) && tap.what !== 'start')
    .map(({ elapsed }) => elapsed)
  const inOrder = [...ends].sort((a, b) => a - b)
  return ends.length < 2 ? [] : inOrder.map((end, round) => Math.round((end - (inOrder[round - 1] ?? began)) / 100))
}
