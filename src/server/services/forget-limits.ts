import { and, eq, lt, sql } from 'drizzle-orm'
import { withLimitsForgotten } from '../../core/library/forget'
import { usualLimitsMonths } from '../../core/library/hall-settings'
import type { InHall } from '../db/in-hall'
import { runs } from '../db/schema'
import { audit } from './audit'
import { ownHall } from './halls'

/** Runs that are looked into at once: their snapshots are large. */
const runsAtOnce = 40

/** Whether a list of people in a document has somebody in it of whom it says what they go easy on. */
const hasLimits = sql.raw(`'$[*] ? (@.goEasy.size() > 0 || @.goEasyNote != "")'`)
const emptied = sql.raw(`'{"goEasy": [], "goEasyNote": ""}'::jsonb`)

/**
 * Forgets what people go easy on who have not come for as many months as the hall keeps it; and what classes and runs of before that
 * time still say of it. Answers whether there is more to do.
 */
export async function forgetLimits(hall: InHall): Promise<boolean> {
  const { figures } = await ownHall(hall)
  const before = sql`now() - make_interval(months => ${figures.limitsMonths ?? usualLimitsMonths})`
  await forgetOfPeople(hall, before)
  await forgetInClasses(hall, before)
  return forgetInRuns(hall, before)
}

type Moment = ReturnType<typeof sql>

async function forgetOfPeople(hall: InHall, before: Moment): Promise<void> {
  const { hallId, tx } = hall
  const { rows } = await tx.execute<{ id: string }>(sql`
    update person set document = (document - 'agreedOn') || ${emptied}, version = version + 1, updated_at = now()
    where hall_id = ${hallId} and updated_at < ${before} and jsonb_build_array(document) @? ${hasLimits}
      and not exists (select from class where class.hall_id = person.hall_id and starts_at >= ${before} and class.document->'here' ? person.id)
    returning id`)
  for (const { id } of rows) await audit(hall, 'limitsCleared', { personId: id })
}

/** Of walk-ins, who stand in the class alone. */
async function forgetInClasses({ hallId, tx }: InHall, before: Moment): Promise<void> {
  const without = (document: Moment) =>
    sql`jsonb_set(${document}, '{walkIns}', (select jsonb_agg(person || ${emptied}) from jsonb_array_elements(${document}->'walkIns') person))`
  await tx.execute(sql`
    update class_revision earlier set document = ${without(sql`earlier.document`)} from class
    where class.hall_id = ${hallId} and earlier.hall_id = class.hall_id and class_id = class.id and starts_at < ${before}
      and earlier.document->'walkIns' @? ${hasLimits}`)
  await tx.execute(sql`
    update class set document = ${without(sql`class.document`)}, version = version + 1
    where hall_id = ${hallId} and starts_at < ${before} and class.document->'walkIns' @? ${hasLimits}`)
}

async function forgetInRuns({ hallId, tx }: InHall, before: Moment): Promise<boolean> {
  const old = await tx
    .select({ id: runs.id, snapshot: runs.snapshot })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.limitsForgotten, false), lt(runs.createdAt, before)))
    .limit(runsAtOnce)
  for (const { id, snapshot } of old)
    await tx
      .update(runs)
      .set({ snapshot: withLimitsForgotten(snapshot), snapshotBefore: null, limitsForgotten: true, version: sql`${runs.version} + 1` })
      .where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
  return old.length === runsAtOnce
}
