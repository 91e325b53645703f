import type { NodePgDatabase } from 'drizzle-orm/node-postgres'
import * as schema from '../src/server/db/schema'
import { recordRuns } from '../src/server/services/records'

/**
 * Makes the records of all runs that have none yet, such as those of before there were any: what was tapped in them becomes results,
 * who was there attendances.
 */
export async function recordAllRuns(database: NodePgDatabase<typeof schema>): Promise<void> {
  for (const { id: hallId } of await database.select({ id: schema.halls.id }).from(schema.halls))
    while (await database.transaction((tx) => recordRuns({ hallId, tx })));
}
