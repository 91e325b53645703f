import { eq, sql } from 'drizzle-orm'
import type { InHall } from '../db/in-hall'
import { classes, exercises, gearKinds, halls, people, plans, rooms, runs } from '../db/schema'
import { refuse } from '../refused'

/** How many of each a hall may have: a hundred times what a busy one has, so that none takes the place of the others. */
const most = [
  { table: people, of: 5000, what: 'people' },
  { table: exercises, of: 3000, what: 'exercises' },
  { table: gearKinds, of: 500, what: 'kinds of gear' },
  { table: rooms, of: 100, what: 'rooms' },
  { table: plans, of: 2000, what: 'plans' },
  { table: classes, of: 20_000, what: 'classes' },
  { table: runs, of: 20_000, what: 'runs' },
] as const

/** Bytes of all that a hall has stored, as the database keeps them. */
const mostBytes = 4_000_000_000

/** Refuses one more row of a table, or whatever would be stored, where the hall has as much as it may have. */
export async function requireSpace(hall: InHall, table: (typeof most)[number]['table']): Promise<void> {
  const { of, what } = most.find((limit) => limit.table === table)!
  const [row] = await hall.tx
    .select({ rows: sql<number>`(select count(*)::int from ${table} where hall_id = ${hall.hallId})`, bytes: halls.storedBytes })
    .from(halls)
    .where(eq(halls.id, hall.hallId))
  if (row!.rows >= of) throw refuse('stale', 'hallFull', `A hall has at most ${of} ${what}. Delete some that are no longer needed.`)
  if (row!.bytes >= mostBytes) throw refuse('stale', 'hallFull', 'This hall has stored as much as it may. Delete what is no longer needed.')
}

/** Measures what the hall has stored: of large documents the database knows the size without reading them. */
export async function measure({ hallId, tx }: InHall): Promise<void> {
  const size = (table: string, column: string) =>
    sql`(select coalesce(sum(pg_column_size(${sql.identifier(column)})), 0) from ${sql.identifier(table)} where hall_id = ${hallId})`
  const parts = [
    size('class', 'document'),
    size('class_revision', 'document'),
    size('run', 'snapshot'),
    size('plan', 'document'),
    size('run_event', 'command'),
    size('attendance', 'did'),
    size('result', 'outcome'),
    size('result_entry', 'outcome'),
    size('run_note', 'text'),
  ]
  await tx
    .update(halls)
    .set({ storedBytes: sql`${sql.join(parts, sql` + `)}` })
    .where(eq(halls.id, hallId))
}
