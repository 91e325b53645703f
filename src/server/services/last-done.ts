import { and, desc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm'
import { groupBy } from 'es-toolkit'
import { spokenOutcome } from '../../core/results/words'
import type { LastDone } from '../../core/trends/run-log'
import type { WeightUnit } from '../../core/library/weight'
import type { InHall } from '../db/in-hall'
import { results, runs } from '../db/schema'

/** By these people, in any class that has the pieces, in a little more than a year; of efforts none, which are of a whole class. */
export async function lastDone(
  { hallId, tx }: InHall,
  pieceIds: readonly string[],
  personIds: readonly string[],
  unit: WeightUnit,
): Promise<LastDone[]> {
  if (pieceIds.length === 0 || personIds.length === 0) return []
  const rows = await tx
    .selectDistinctOn([results.place, results.measure, results.personId], {
      place: results.place,
      measure: results.measure,
      name: results.name,
      personId: results.personId,
      outcome: results.outcome,
      at: results.at,
    })
    .from(results)
    .innerJoin(runs, and(eq(runs.hallId, results.hallId), eq(runs.id, results.runId)))
    .where(
      and(
        eq(results.hallId, hallId),
        inArray(sql`split_part(${results.place}, '/', 1)`, [...pieceIds]),
        inArray(results.personId, [...personIds]),
        sql`${results.at} > now() - interval '400 days'`,
        isNotNull(results.outcome),
        isNull(runs.deletedAt),
      ),
    )
    .orderBy(results.place, results.measure, results.personId, desc(results.at))
  return Object.values(groupBy(rows, ({ place, measure }) => `${place} ${measure}`)).map((same) => {
    const { place, measure, name } = same[0]!
    return {
      place,
      measure,
      name,
      done: same.map(({ personId, outcome, at }) => ({ personId, words: spokenOutcome(outcome!, unit), at: at.toISOString() })),
    }
  })
}
