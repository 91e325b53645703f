import { median, trendOf, type Trend } from './line'
import type { RunRecord } from '../records/run-record'
import type { Seconds } from '../base/units'

/** What is known of a run of a class, for a line through several. */
export interface RunFigures {
  startedAt: string
  people: number
  /** From the first phase to the end; absent where that is not known. */
  actualSeconds?: Seconds
  slotSeconds?: Seconds
  record?: RunRecord
}

/** What becomes of a class over its runs. */
export interface ClassTrend {
  people: { usual: number; trend?: Trend } | undefined
  /** By how much it took longer than its slot, at the median; and how often it did at all. */
  overSlot: { usual: Seconds; over: number; of: number } | undefined
  ways: WayThatWasShort[]
  options: OptionTaken[]
}

/** A transition that was judged short in some runs: how often it was gone, and how often the room took longer than it had. */
export interface WayThatWasShort {
  name: string
  needs: Seconds
  has: Seconds
  times: number
  late: number
}

/** A station at which people took another option than everyone's, by how many of how many, over all runs. */
export interface OptionTaken {
  station: number
  exercise: string
  own: number
  people: number
}

/** Of runs the earliest first. */
export function classTrend(runs: readonly RunFigures[]): ClassTrend {
  const counts = runs.map(({ people }) => people)
  const trend = trendOf(counts)
  const over = runs.flatMap(({ actualSeconds, slotSeconds }) =>
    actualSeconds === undefined || slotSeconds === undefined ? [] : [actualSeconds - slotSeconds],
  )
  const records = runs.flatMap(({ record }) => record ?? [])
  return {
    people: counts.length === 0 ? undefined : { usual: median(counts)!, ...(trend && { trend }) },
    overSlot: over.length === 0 ? undefined : { usual: median(over)!, over: over.filter((seconds) => seconds > 0).length, of: over.length },
    ways: added(
      records.flatMap(({ shortWays }) => shortWays),
      (way) => way.name,
      (known, way) => ({ ...way, times: known.times + way.times, late: known.late + way.late }),
    ),
    options: added(
      records.flatMap(({ ownOptions }) => ownOptions),
      (taken) => `${taken.station} ${taken.exercise}`,
      (known, taken) => ({ ...taken, own: known.own + taken.own, people: known.people + taken.people }),
    ).sort((a, b) => b.own / b.people - a.own / a.people),
  }
}

/** Those of one key as one; the latest says what is said of it. */
function added<One>(all: readonly One[], keyOf: (one: One) => string, together: (known: One, one: One) => One): One[] {
  const byKey = new Map<string, One>()
  for (const one of all) {
    const known = byKey.get(keyOf(one))
    byKey.set(keyOf(one), known ? together(known, one) : one)
  }
  return [...byKey.values()]
}
