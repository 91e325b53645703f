import { and, count, desc, eq, gte, inArray, isNotNull, isNull, or, sql } from 'drizzle-orm'
import type { Had } from '../../core/trends/person-told'
import type { Earlier } from '../../core/results/run-results'
import type { InHall } from '../db/in-hall'
import { attendances, people, results, runs, tasks } from '../db/schema'

/** A class that somebody came to. */
export interface Attended {
  runId: string
  className: string
  at: Date
  minutes: number
  effort?: number
}

const ofRun = and(eq(runs.hallId, attendances.hallId), eq(runs.id, attendances.runId))
const present = isNull(runs.deletedAt)

/** No further back than is looked at: classes since then, and the last so many in any case. */
interface Recent {
  since: Date
  least: number
}

const comingOf = (hallId: string, personId: string) => and(eq(attendances.hallId, hallId), eq(attendances.personId, personId), present)

/** Classes somebody came to, the latest first: all, or the `recent` ones. */
export async function attendedBy({ hallId, tx }: InHall, personId: string, recent?: Recent): Promise<Attended[]> {
  const last = (least: number) =>
    tx
      .select({ runId: attendances.runId })
      .from(attendances)
      .innerJoin(runs, ofRun)
      .where(comingOf(hallId, personId))
      .orderBy(desc(attendances.at))
      .limit(least)
  const wanted = recent && or(gte(attendances.at, recent.since), inArray(attendances.runId, last(recent.least)))
  const effort = and(
    eq(results.hallId, attendances.hallId),
    eq(results.runId, attendances.runId),
    eq(results.personId, attendances.personId),
    eq(results.measure, 'effort'),
  )
  const rows = await tx
    .select({
      runId: attendances.runId,
      className: sql<string>`coalesce(${runs.className}, '')`,
      at: attendances.at,
      minutes: attendances.minutes,
      effort: sql<number | null>`(${results.outcome}->'value'->>'effort')::float8`,
    })
    .from(attendances)
    .innerJoin(runs, ofRun)
    .leftJoin(results, effort)
    .where(and(comingOf(hallId, personId), wanted))
    .orderBy(desc(attendances.at))
  return rows.map(({ effort: told, ...row }) => ({ ...row, ...(told !== null && { effort: told }) }))
}

/** To how many classes somebody came. */
export async function timesAttended({ hallId, tx }: InHall, personId: string): Promise<number> {
  const [row] = await tx.select({ times: count() }).from(attendances).innerJoin(runs, ofRun).where(comingOf(hallId, personId))
  return row!.times
}

/** All that counts of somebody but efforts, the latest first. */
export async function resultsBy({ hallId, tx }: InHall, personId: string): Promise<(Earlier & { name: string })[]> {
  const rows = await tx
    .select({ name: results.name, option: results.option, outcome: results.outcome, at: results.at, taskKey: results.taskKey })
    .from(results)
    .innerJoin(runs, and(eq(runs.hallId, results.hallId), eq(runs.id, results.runId)))
    .where(
      and(
        eq(results.hallId, hallId),
        eq(results.personId, personId),
        isNotNull(results.outcome),
        sql`${results.measure} <> 'effort'`,
        present,
      ),
    )
    .orderBy(desc(results.at))
  const keys = tx
    .selectDistinct({ key: results.taskKey })
    .from(results)
    .where(and(eq(results.hallId, hallId), eq(results.personId, personId)))
  const documents = await tx
    .select()
    .from(tasks)
    .where(and(eq(tasks.hallId, hallId), inArray(tasks.key, keys)))
  const byKey = new Map(documents.map(({ key, document }) => [key, document]))
  return rows.map(({ outcome, at, taskKey, name, option }) => {
    const done = outcome!
    return {
      ...{ personId, name, option, outcome: done, task: byKey.get(taskKey)!, at: at.toISOString() },
      ...{ standard: done.standard ?? '', scaled: done.scaled === true },
    }
  })
}

/** What somebody did in the last so many days, most often first. */
export async function exercisesOf({ hallId, tx }: InHall, personId: string, days: number): Promise<Had[]> {
  const { rows } = await tx.execute<{ name: string; times: number }>(sql`
    select one->>'exercise' as name, count(distinct run_id)::int as times
    from attendance, jsonb_array_elements(did) as had (one)
    where hall_id = ${hallId} and person_id = ${personId} and at > now() - make_interval(days => ${days}) and (one->>'done')::int > 0
    group by 1 order by 2 desc, 1 limit 60`)
  return rows
}

/** With whom somebody was in a group in the last so many days, most often first. */
export async function partnersOf({ hallId, tx }: InHall, personId: string, days: number): Promise<Had[]> {
  const { rows } = await tx.execute<{ name: string; times: number }>(sql`
    select person.name, count(*)::int as times
    from attendance, unnest(partners) as had (partner) join ${people} on person.hall_id = ${hallId} and person.id = partner
    where attendance.hall_id = ${hallId} and person_id = ${personId} and at > now() - make_interval(days => ${days})
    group by 1 order by 2 desc, 1 limit 40`)
  return rows
}

/** From when on somebody went easy on something else than before, the latest first; as long as the hall keeps it. */
export async function limitsOver({ hallId, tx }: InHall, personId: string): Promise<{ at: string; goEasy: string[] }[]> {
  const { rows } = await tx.execute<{ at: Date; goEasy: string[] }>(sql`
    select at, go_easy as "goEasy" from
      (select at, go_easy, lag(go_easy) over (order by at) as before from attendance where hall_id = ${hallId} and person_id = ${personId}) told
    where go_easy is distinct from before order by at desc limit 20`)
  return rows.map(({ at, goEasy }) => ({ at: new Date(at).toISOString(), goEasy }))
}
