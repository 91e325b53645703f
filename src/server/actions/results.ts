import { setImmediate as nextTurn } from 'node:timers/promises'
import type { Plan } from '../../core/plan/plan'
import { compared, lastTime, resultsOf, type PartResult } from '../../core/records/results'
import { inTheHall } from '../db/in-hall'
import { readableSnapshot, tappedRuns } from '../services/runs'

export interface ClassResults {
  /** What was tapped in the runs of a class, by run, beside the time before in whichever class. */
  results: Record<string, PartResult[]>
  /** What everyone did last in the pieces that the class has, in whichever class: what it goes on from. */
  last: PartResult[]
}

/** The results of a class; runs without taps are not there, nor those that cannot be read. */
export async function classResults(classId: string, plan: Plan): Promise<ClassResults> {
  const played = await inTheHall(async (hall) => {
    const readable = []
    for (const run of await tappedRuns(hall)) {
      const snapshot = await readableSnapshot(hall, run)
      if (snapshot) readable.push({ id: run.id, classId: run.classId, snapshot, events: run.events })
      // The streams come first.
      await nextTurn()
    }
    return readable
  })
  const results = []
  for (const { snapshot, events } of played) {
    results.push(resultsOf(snapshot, events))
    await nextTurn()
  }
  const beside = compared(results)
  const own = played.flatMap((run, index) => (run.classId === classId && beside[index]!.length > 0 ? [[run.id, beside[index]!]] : []))
  const pieceIds = new Set(plan.parts.flatMap((part) => part.pieces.map(({ id }) => id)))
  return { results: Object.fromEntries(own), last: lastTime(results, pieceIds) }
}
