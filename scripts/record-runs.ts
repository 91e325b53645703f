import { and, isNotNull } from 'drizzle-orm'
import type { NodePgDatabase } from 'drizzle-orm/node-postgres'
import * as schema from '../src/server/db/schema'

/**
 * Makes the records of all runs that have none yet, such as those of before there were any: what was tapped in them becomes results,
 * who was there attendances.
 */
export async function recordAllRuns(database: NodePgDatabase<typeof schema>): Promise<void> {
  const { runs, unrecorded } = schema
  const halls = await database
    .selectDistinct({ hallId: runs.hallId })
    .from(runs)
    .where(and(isNotNull(runs.endedAt), unrecorded))
  if (halls.length === 0) return
  // To read what works them out takes longer than all else that a start without news has to do.
  const { recordRuns } = await import('../src/server/services/records')
  for (const { hallId } of halls) while (await database.transaction((tx) => recordRuns({ hallId, tx })));
}
