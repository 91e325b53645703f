import { setImmediate as nextTurn } from 'node:timers/promises'
import { compared, resultsOf, type PartResult } from '../../core/records/results'
import { inTheHall } from '../db/in-hall'
import { readableSnapshot, tappedRuns } from '../services/runs'

/**
 * What was tapped in the runs of a class, by run, beside the time before in whichever class; runs without taps are not there, nor
 * those that cannot be read.
 */
export async function classResults(classId: string): Promise<Record<string, PartResult[]>> {
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
  return Object.fromEntries(
    played.flatMap((run, index) => (run.classId === classId && beside[index]!.length > 0 ? [[run.id, beside[index]!]] : [])),
  )
}
