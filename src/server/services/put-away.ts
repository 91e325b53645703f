import { and, desc, eq, gt, isNull, sql } from 'drizzle-orm'
import type { InHall } from '../db/in-hall'
import { classes, plans, runs } from '../db/schema'
import { notFound, refuse } from '../refused'

/** What can be put away, and brought back; nothing of it is erased. */
export type PutAwayKind = 'classes' | 'plans' | 'runs'

const tables = { classes, plans, runs } as const
const called = { classes: 'class', plans: 'plan', runs: 'run' } as const

/** Days that it stands on the list from which it is brought back. */
const days = 30

/** Puts something away, or back (`away` false). A class or run that is under way is refused. */
export async function setPutAway(hall: InHall, kind: PutAwayKind, id: string, away: boolean): Promise<void> {
  const { hallId, tx } = hall
  if (away) await requireOver(hall, kind, id)
  const table = tables[kind]
  const [row] = await tx
    .update(table)
    .set({ deletedAt: away ? sql`now()` : null, version: sql`${table.version} + 1` })
    .where(and(eq(table.hallId, hallId), eq(table.id, id)))
    .returning({ id: table.id })
  if (!row) throw notFound(called[kind])
}

async function requireOver({ hallId, tx }: InHall, kind: PutAwayKind, id: string): Promise<void> {
  if (kind === 'plans') return
  const runsOfIt = kind === 'classes' ? eq(runs.classId, id) : eq(runs.id, id)
  const [open] = await tx
    .select({ id: runs.id })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), runsOfIt, isNull(runs.endedAt), gt(runs.sequence, 0)))
  if (open) throw refuse('stale', 'underWay', 'This class is under way. End it first.')
}

/** Something on the list of what was put away: a class or run with when it was to start, or did. */
export interface PutAwayRow {
  kind: PutAwayKind
  id: string
  name: string
  startsAt: Date | null
  putAwayAt: Date
}

/** What was put away in the last 30 days, the latest first. */
export async function listPutAway({ hallId, tx }: InHall): Promise<PutAwayRow[]> {
  const since = sql`now() - ${`${days} days`}::interval`
  const nothing = sql<Date | null>`null`
  const runsOfIt = (table: (typeof tables)[PutAwayKind]) => and(eq(table.hallId, hallId), gt(table.deletedAt, since))
  const found = {
    classes: await tx
      .select({ id: classes.id, name: classes.name, startsAt: classes.startsAt, putAwayAt: classes.deletedAt })
      .from(classes)
      .where(runsOfIt(classes))
      .orderBy(desc(classes.deletedAt)),
    plans: await tx
      .select({ id: plans.id, name: plans.name, startsAt: nothing, putAwayAt: plans.deletedAt })
      .from(plans)
      .where(runsOfIt(plans))
      .orderBy(desc(plans.deletedAt)),
    runs: await tx
      .select({ id: runs.id, name: runs.className, startsAt: runs.startedAt, putAwayAt: runs.deletedAt })
      .from(runs)
      .where(runsOfIt(runs))
      .orderBy(desc(runs.deletedAt)),
  }
  const rows = (['classes', 'plans', 'runs'] as const).flatMap((kind) =>
    found[kind].map(({ id, name, startsAt, putAwayAt }): PutAwayRow => ({
      kind,
      id,
      name: name ?? 'A class that cannot be read',
      startsAt,
      putAwayAt: putAwayAt!,
    })),
  )
  return rows.sort((a, b) => b.putAwayAt.getTime() - a.putAwayAt.getTime())
}
