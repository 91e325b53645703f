import { inSeconds, type Seconds } from '../base/units'
import type { RunSnapshot } from '../run/room/snapshot'
import type { Actual } from './actual'
import { ownOptions, shortWays, type OwnOption, type ShortWay } from './came-true'
import type { Attendance } from './did'

/** What of a run is compared from class to class; nobody is named in it. */
export interface RunRecord {
  /** From the first phase to the end. */
  actualSeconds: Seconds
  people: number
  shortWays: ShortWay[]
  ownOptions: OwnOption[]
}

export function runRecord(snapshot: RunSnapshot, { stretches, total = 0 }: Actual, attendances: readonly Attendance[]): RunRecord {
  return {
    actualSeconds: inSeconds(total),
    people: snapshot.people.length,
    shortWays: shortWays(snapshot, stretches),
    ownOptions: ownOptions(attendances, snapshot),
  }
}
