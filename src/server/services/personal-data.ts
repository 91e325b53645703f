import { createHash } from 'node:crypto'
import { and, eq, or, sql } from 'drizzle-orm'
import type { AnyPgColumn } from 'drizzle-orm/pg-core'
import { nanoid } from 'nanoid'
import { acts } from '../../core/access/audit'
import { changesTold } from '../../core/records/changes-told'
import type { NotedChange } from '../../core/run/room/noted-change'
import { nameless, withoutPerson, type Erased } from '../../core/library/erase'
import type { Person } from '../../core/library/person'
import { doingsAtPlaces } from '../../core/run/room/own-doings'
import type { OwnDoings } from '../../core/run/room/snapshot'
import type { InHall } from '../db/in-hall'
import { cardClaims, classes, classRevisions, erasedPeople, people, runEvents, runs, screenLinks } from '../db/schema'
import { notFound } from '../refused'
import { audit, auditedOf, eraseFromAudit } from './audit'
import { roster } from './library'
import { notifyRun } from './runs'
import { eraseFromRecords } from './records'
import { resultsBy, attendedBy } from './person-record'
import { spokenOutcome } from '../../core/results/words'

/** Everything the hall has stored of one person. */
export interface PersonalData {
  person: Person
  classes: { name: string; startsAt: string }[]
  /** Classes that were run with them: when, what they did at each station, and what was tapped of them. */
  runs: {
    name: string
    startedAt: string | null
    did: { at: string; what: string; how: string }[]
    taps: { at: string; what: string }[]
    changes: { at: string; what: string }[]
  }[]
  /** What was put down of them, and how hard they said classes were. */
  results: { at: string; of: string; what: string; standard: string }[]
  efforts: { at: string; of: string; effort: number }[]
  /** What was done with what is kept of them. */
  audit: { at: string; what: string }[]
}

const hasComeTo = (id: string) => sql`${classes.document}->'here' ? ${id}`

export async function personalData(hall: InHall, id: string): Promise<PersonalData> {
  const { hallId, tx } = hall
  const { document } = await roster.find(hall, id)
  const rows = await tx
    .select({ name: classes.name, startsAt: classes.startsAt })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), hasComeTo(id)))
    .orderBy(classes.startsAt)
  const played = await tx
    .select({
      id: runs.id,
      name: runs.className,
      startedAt: runs.startedAt,
      own: sql<unknown>`${runs.snapshot}->'own'`,
      doings: sql<unknown>`${runs.snapshot}->'doings'`,
      changes: sql<NotedChange[] | null>`${runs.snapshot}->'changes'`,
    })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), holds(runs.snapshot, id)))
    .orderBy(runs.startedAt)
  const tapped = await tx
    .select({ runId: runEvents.runId, at: runEvents.at, what: sql<string>`${runEvents.command}->>'what'` })
    .from(runEvents)
    .where(and(eq(runEvents.hallId, hallId), sql`${runEvents.command}->>'type' = 'tap'`, sql`${runEvents.command}->'personIds' ? ${id}`))
    .orderBy(runEvents.at)
  const noted = await auditedOf(hall, id)
  return {
    person: document,
    classes: rows.map(({ name, startsAt }) => ({ name, startsAt: startsAt.toISOString() })),
    runs: played.map((run) => ({
      name: run.name ?? '',
      startedAt: run.startedAt?.toISOString() ?? null,
      did: didIn(run, id),
      taps: tapped.filter(({ runId }) => runId === run.id).map(({ at, what }) => ({ at: new Date(at).toISOString(), what })),
      changes: ownChanges(run.changes ?? [], document),
    })),
    results: (await resultsBy(hall, id)).map(({ at, name, outcome, standard }) => ({
      at,
      of: name,
      what: spokenOutcome(outcome),
      standard,
    })),
    efforts: (await attendedBy(hall, id)).flatMap(({ at, className, effort }) =>
      effort === undefined ? [] : [{ at: at.toISOString(), of: className, effort }],
    ),
    audit: noted.map(({ at, act }) => ({ at: at.toISOString(), what: acts[act] })),
  }
}

/** What changed of somebody while a class ran; whom it was besides is not theirs to know. */
const ownChanges = (changes: NotedChange[], { id, name }: Person): { at: string; what: string }[] =>
  changesTold({ people: [{ id, name }], changes: changes.filter(({ personIds }) => personIds?.includes(id)), pieceNames: {} }, 0).map(
    ({ at, words }) => ({ at: new Date(at).toISOString(), what: words }),
  )

/** What somebody did for themselves in a run, out of a snapshot of either format. */
function didIn({ own, doings }: { own: unknown; doings: unknown }, personId: string): { at: string; what: string; how: string }[] {
  const shown = (station: number, { name, how }: { name: string; how: string }) => ({ at: `station ${station + 1}`, what: name, how })
  if (Array.isArray(doings))
    return (doings as { personId: string; station: number; name: string; how: string }[])
      .filter((doing) => doing.personId === personId)
      .map((doing) => shown(doing.station, doing))
  return own ? doingsAtPlaces(own as OwnDoings, personId).map(([key, doing]) => shown(Number(key.split('/')[1]), doing)) : []
}

/** Stands for somebody's id in the list of those who were erased. */
export const markOf = (id: string): string => createHash('sha256').update(id).digest('hex')

/** A text that may stand anywhere in a JSON document: only rows that have it are looked into. */
const holds = (document: AnyPgColumn, text: string) => sql`${document}::text like ${`%${JSON.stringify(text).replace(/[\\%_]/g, '\\$&')}%`}`

/** Whether somebody is or was among the people of a run: whoever its snapshot names is. */
const wasIn = (id: string) => sql`${runs.people} @> ${JSON.stringify([{ id }])}::jsonb`

async function eraseFromClasses({ hallId, tx }: InHall, id: string): Promise<void> {
  const rows = await tx
    .select({ id: classes.id, document: classes.document })
    .from(classes)
    .where(and(eq(classes.hallId, hallId), holds(classes.document, id)))
    .for('update')
  for (const row of rows) {
    await tx
      .update(classes)
      .set({ document: withoutPerson(row.document, id), version: sql`${classes.version} + 1` })
      .where(and(eq(classes.hallId, hallId), eq(classes.id, row.id)))
  }
  const earlier = await tx
    .select()
    .from(classRevisions)
    .where(and(eq(classRevisions.hallId, hallId), holds(classRevisions.document, id)))
    .for('update')
  for (const row of earlier) {
    const here = and(eq(classRevisions.hallId, hallId), eq(classRevisions.classId, row.classId), eq(classRevisions.version, row.version))
    await tx
      .update(classRevisions)
      .set({ document: withoutPerson(row.document, id) })
      .where(here)
  }
}

/** Whoever is to be grouped with them, or not, no longer is. */
async function eraseFromOthers({ hallId, tx }: InHall, id: string): Promise<void> {
  const rows = await tx
    .select({ id: people.id, document: people.document })
    .from(people)
    .where(and(eq(people.hallId, hallId), holds(people.document, id)))
    .for('update')
  for (const row of rows) {
    await tx
      .update(people)
      .set({ document: withoutPerson(row.document, id), version: sql`${people.version} + 1` })
      .where(and(eq(people.hallId, hallId), eq(people.id, row.id)))
  }
}

/** Runs keep that somebody was there: no name, no id, nothing of what they did or went easy on. Open screens hear of it. */
async function eraseFromRuns({ hallId, tx }: InHall, erased: Erased): Promise<void> {
  const { id } = erased
  const played = await tx
    .select({ id: runs.id, snapshot: runs.snapshot })
    .from(runs)
    .where(and(eq(runs.hallId, hallId), or(wasIn(id), holds(runs.snapshotBefore, id))))
    .for('update')
  for (const run of played) {
    await tx
      .update(runs)
      .set({
        snapshot: nameless(run.snapshot, erased),
        snapshotBefore: null,
        version: sql`${runs.version} + 1`,
        // Its record names nobody, and the rows beside it go with them: it stays good.
        recordVersion: sql`case when ${runs.recordVersion} = ${runs.version} then ${runs.version} + 1 else ${runs.recordVersion} end`,
      })
      .where(and(eq(runs.hallId, hallId), eq(runs.id, run.id)))
    await notifyRun(tx, run.id)
  }
  const tapped = await tx
    .select({ runId: runEvents.runId, sequence: runEvents.sequence, command: runEvents.command })
    .from(runEvents)
    .where(and(eq(runEvents.hallId, hallId), holds(runEvents.command, id)))
  for (const { runId, sequence, command } of tapped) {
    await tx
      .update(runEvents)
      .set({ command: nameless(command, erased) })
      .where(and(eq(runEvents.hallId, hallId), eq(runEvents.runId, runId), eq(runEvents.sequence, sequence)))
  }
  await tx.delete(cardClaims).where(and(eq(cardClaims.hallId, hallId), eq(cardClaims.personId, id)))
  await tx.delete(screenLinks).where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.screen, 'card'), eq(screenLinks.subject, id)))
}

/**
 * Erases the person from the roster, from every class and its earlier versions, from what others wish, and from every run all but
 * that somebody was there.
 */
export async function erasePerson(hall: InHall, id: string): Promise<void> {
  const { hallId, tx } = hall
  const [row] = await tx
    .delete(people)
    .where(and(eq(people.hallId, hallId), eq(people.id, id)))
    .returning({ name: people.name })
  if (!row) throw notFound('person')
  await eraseFromClasses(hall, id)
  await eraseFromOthers(hall, id)
  await tx
    .insert(erasedPeople)
    .values({ hallId, mark: markOf(id) })
    .onConflictDoNothing()
  await eraseFromRuns(hall, { id, name: row.name, instead: `gone-${nanoid(10)}` })
  await eraseFromRecords(hall, id)
  await eraseFromAudit(hall, id)
  await audit(hall, 'personErased')
}
