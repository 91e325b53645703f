import { and, desc, eq, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm'
import { groupBy } from 'es-toolkit'
import { nanoid } from 'nanoid'
import { counting } from '../../core/results/history'
import type { Outcome } from '../../core/results/outcome'
import type { PutDown } from '../../core/results/put-down'
import type { HistoryLine } from '../../core/results/sheet'
import type { Earlier, Kept } from '../../core/results/run-results'
import type { InHall } from '../db/in-hall'
import { people, resultEntries, results, runs, tasks } from '../db/schema'
import { problem } from '../../core/base/result'
import { refuse, Refused } from '../refused'
import type { PlayedRun } from './records'
import { keepTasks, taskKey } from './tasks'

/** The name that a line of history bears where nobody is signed in. */
const byLink = 'Somebody at the controls'

/** Lines of history that a run can have: everyone of a full class at ten places, twice corrected. */
const mostLines = 6000

const keyOf = ({ place, measure, personId }: { place: string; measure: string; personId: string }) => `${place} ${measure} ${personId}`

/** All that was put down in a run by hand, the earliest first. */
export async function historyOf({ hallId, tx }: InHall, runId: string): Promise<HistoryLine[]> {
  const rows = await tx
    .select()
    .from(resultEntries)
    .where(and(eq(resultEntries.hallId, hallId), eq(resultEntries.runId, runId)))
    .orderBy(resultEntries.at, resultEntries.id)
  return rows.map(({ id, place, measure, personId, outcome, byName, at }) => ({
    ...{ id, place, measure, personId, outcome, by: byName, at: at.toISOString() },
  }))
}

/**
 * Puts results down, all of them or none. Refused with 409 where somebody else has put down something there meanwhile, and with
 * 422 where the run has no such place, or the person none there.
 */
export async function putDown(hall: InHall, run: PlayedRun, { cells, together }: PutDown, by = hall.by?.name ?? byLink): Promise<void> {
  const { hallId, tx } = hall
  const runId = run.row.id
  const [locked] = await tx
    .select({ startedAt: runs.startedAt, createdAt: runs.createdAt })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
    .for('update')
  const history = await historyOf(hall, runId)
  if (history.length + cells.length > mostLines)
    throw refuse('stale', 'tooManyLines', 'More has been put down and corrected in this class than one class can keep.')
  const last = new Map(history.map((line) => [keyOf(line), line]))
  const tappedRows = await tx
    .select()
    .from(results)
    .where(and(eq(results.hallId, hallId), eq(results.runId, runId)))
  const tapped = new Map(tappedRows.map((row) => [keyOf(row), row.tapped]))
  const done = cells.map((cell, index) => {
    const found = run.snapshot.people.some(({ id }) => id === cell.personId) ? run.places.taskAt(cell, cell.personId) : undefined
    if (!found)
      throw new Refused('invalid', [problem('noSuchPlace', 'There is no such place for them in this class.', `cells[${index}].place`)])
    if ((last.get(keyOf(cell))?.id ?? '') !== cell.before)
      throw refuse(
        'stale',
        'changedElsewhere',
        'Somebody else has put down something here meanwhile. It is shown now; put yours down again if it is right.',
      )
    return { ...cell, ...found }
  })
  const shared = nanoid(12)
  const lines = done.map(({ place, measure, personId, outcome }) => ({
    ...{ hallId, runId, place, measure, personId, outcome, byName: by, id: together ? shared : nanoid(12) },
  }))
  await tx.insert(resultEntries).values(lines)
  await keepTasks(
    hall,
    done.map(({ task }) => task),
  )
  const at = locked!.startedAt ?? locked!.createdAt
  const counted = done.map(({ place, measure, personId, outcome, name, task, option }, index) => {
    const line = { id: lines[index]!.id, outcome: outcome ?? undefined }
    const counts = counting([line], tapped.get(keyOf(done[index]!)) ?? undefined) ?? null
    return {
      ...{ hallId, runId, place, measure, personId, name, at, taskKey: taskKey(task), option },
      ...{ outcome: counts, entry: line.id, isEntered: outcome !== null },
    }
  })
  await tx
    .insert(results)
    .values(counted)
    .onConflictDoUpdate({
      target: [results.hallId, results.runId, results.place, results.measure, results.personId],
      set: { outcome: sql`excluded.outcome`, entry: sql`excluded.entry`, isEntered: sql`excluded.is_entered` },
    })
  await tx.delete(results).where(and(eq(results.hallId, hallId), eq(results.runId, runId), isNull(results.outcome), isNull(results.tapped)))
}

const doneColumns = {
  personId: results.personId,
  place: results.place,
  measure: results.measure,
  taskKey: results.taskKey,
  option: results.option,
  outcome: results.outcome,
  at: results.at,
  task: tasks.document,
}
const ofTask = and(eq(tasks.hallId, results.hallId), eq(tasks.key, results.taskKey))

const asDone = <Row extends { outcome: Outcome | null }>(row: Row) => {
  const outcome = row.outcome!
  return { ...row, outcome, standard: outcome.standard ?? '', scaled: outcome.scaled === true }
}

/** What counts in a run, of everyone at every place. */
export async function keptIn({ hallId, tx }: InHall, runId: string): Promise<(Kept & { taskKey: string })[]> {
  const rows = await tx
    .select({ ...doneColumns, entry: results.entry, splits: results.splits, isEntered: results.isEntered })
    .from(results)
    .innerJoin(tasks, ofTask)
    .where(and(eq(results.hallId, hallId), eq(results.runId, runId), isNotNull(results.outcome)))
  return rows.map((row) => ({ ...asDone(row), splits: row.splits ?? [] }))
}

/** What the same people did before: of the same tasks, and last of all at the same places; the latest first. */
export async function before(
  { hallId, tx }: InHall,
  kept: readonly (Kept & { taskKey: string })[],
  until: Date,
): Promise<(one: Kept) => Earlier[]> {
  // How hard it was is no contest, not even with oneself.
  const contests = kept.filter(({ measure }) => measure !== 'effort')
  if (contests.length === 0) return () => []
  const personIds = [...new Set(contests.map(({ personId }) => personId))]
  const ofThem = and(
    eq(results.hallId, hallId),
    inArray(results.personId, personIds),
    lt(results.at, until),
    isNotNull(results.outcome),
    isNull(runs.deletedAt),
  )
  const ofRun = and(eq(runs.hallId, results.hallId), eq(runs.id, results.runId))
  const { task: _, ...columns } = doneColumns
  const taskKeys = [...new Set(contests.map((one) => one.taskKey))]
  const same = await tx
    .select(columns)
    .from(results)
    .innerJoin(runs, ofRun)
    .where(and(ofThem, inArray(results.taskKey, taskKeys)))
    .orderBy(desc(results.at))
  const byTask = groupBy(same, ({ personId, taskKey }) => `${personId} ${taskKey}`)
  const alone = contests.filter(({ personId, taskKey }) => !byTask[`${personId} ${taskKey}`])
  const byPlace = new Map((await lastThere({ hallId, tx }, alone, until)).map((row) => [keyOf(row), row]))
  return (one) => {
    const comparable = byTask[`${one.personId} ${taskKey(one.task)}`]?.map((row) => ({ ...row, task: one.task }))
    const last = byPlace.get(keyOf(one))
    return (comparable ?? (last ? [last] : [])).map((row): Earlier => ({ ...asDone(row), at: row.at.toISOString() }))
  }
}

/** What those whom nothing can be compared with did last at the same places: to say what was otherwise. */
async function lastThere({ hallId, tx }: Pick<InHall, 'hallId' | 'tx'>, alone: readonly Kept[], until: Date) {
  if (alone.length === 0) return []
  return tx
    .selectDistinctOn([results.personId, results.place, results.measure], doneColumns)
    .from(results)
    .innerJoin(runs, and(eq(runs.hallId, results.hallId), eq(runs.id, results.runId)))
    .innerJoin(tasks, ofTask)
    .where(
      and(
        eq(results.hallId, hallId),
        inArray(results.personId, [...new Set(alone.map(({ personId }) => personId))]),
        inArray(results.place, [...new Set(alone.map(({ place }) => place))]),
        lt(results.at, until),
        sql`${results.at} > ${until.toISOString()}::timestamptz - interval '400 days'`,
        isNotNull(results.outcome),
        isNull(runs.deletedAt),
      ),
    )
    .orderBy(results.personId, results.place, results.measure, desc(results.at))
}

/** Who wants to be on no board. */
export async function offBoards({ hallId, tx }: InHall): Promise<Set<string>> {
  const rows = await tx
    .select({ id: people.id })
    .from(people)
    .where(and(eq(people.hallId, hallId), sql`${people.document} @> '{"offBoards": true}'`))
  return new Set(rows.map(({ id }) => id))
}
