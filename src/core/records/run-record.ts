import { z } from 'zod'
import { inSeconds, type Seconds } from '../base/units'
import type { RunSnapshot } from '../run/room/snapshot'
import type { Actual } from './actual'
import { ownOptions, shortWays } from './came-true'
import type { Attendance } from './did'

const seconds = z.number()

/** What of a run is compared from class to class; nobody is named in it. */
export const RunRecord = z.object({
  /** From the first phase to the end. */
  actualSeconds: seconds,
  people: z.number(),
  shortWays: z.array(
    z.object({ pieceId: z.string(), name: z.string(), needs: seconds, has: seconds, times: z.number(), late: z.number() }),
  ),
  ownOptions: z.array(z.object({ pieceId: z.string(), station: z.number(), exercise: z.string(), people: z.number(), own: z.number() })),
})
export type RunRecord = z.infer<typeof RunRecord>

export function runRecord(snapshot: RunSnapshot, { stretches, total = 0 }: Actual, attendances: readonly Attendance[]): RunRecord {
  const actualSeconds: Seconds = inSeconds(total)
  return {
    actualSeconds,
    people: snapshot.people.length,
    shortWays: shortWays(snapshot, stretches),
    ownOptions: ownOptions(attendances, snapshot),
  }
}
