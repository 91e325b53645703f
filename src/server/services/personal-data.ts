import { and, eq, sql } from 'drizzle-orm'
import type { ClassDocument } from '../../core/hall/class-document'
import type { Person } from '../../core/hall/person'
import { db, type Transaction } from '../db/client'
import { classes, classRevisions, people, runs } from '../db/schema'
import { notFound } from '../http/respond'
import { roster } from './library'

/** Everything the hall has stored of one person. */
export interface PersonalData {
  person: Person
  classes: { name: string; startsAt: string }[]
}

const hasComeTo = (id: string) => sql`${classes.document}->'here' ? ${id}`

export async function personalData(hallId: string, id: string): Promise<PersonalData> {
  const { document } = await roster.find(hallId, id)
  const rows = await db().select({ name: classes.name, startsAt: classes.startsAt }).from(classes).where(and(eq(classes.hallId, hallId), hasComeTo(id))).orderBy(classes.startsAt)
  return { person: document, classes: rows.map(({ name, startsAt }) => ({ name, startsAt: startsAt.toISOString() })) }
}

/** The class without the person. */
export function withoutPerson(document: ClassDocument, id: string): ClassDocument {
  const pairs = (list: [string, string][]) => list.filter((pair) => !pair.includes(id))
  const arranged = document.arranged?.map((group) => ({ ...group, ids: group.ids.filter((each) => each !== id) })).filter((group) => group.ids.length > 0)
  return {
    ...document,
    here: document.here.filter((each) => each !== id),
    walkIns: document.walkIns.filter((person) => person.id !== id),
    ...(arranged && { arranged }),
    ...(document.fromHome && { fromHome: document.fromHome.filter((each) => each !== id) }),
    ...(document.demonstrators && { demonstrators: Object.fromEntries(Object.entries(document.demonstrators).filter(([, shows]) => shows !== id)) }),
    ...(document.sizes && { sizes: Object.fromEntries(Object.entries(document.sizes).filter(([personId]) => personId !== id)) }),
    ...(document.wishes && { wishes: { ...document.wishes, together: pairs(document.wishes.together), apart: pairs(document.wishes.apart) } }),
  }
}

async function eraseFromClasses(tx: Transaction, hallId: string, id: string): Promise<void> {
  const rows = await tx.select({ id: classes.id, document: classes.document }).from(classes).where(and(eq(classes.hallId, hallId), sql`${classes.document}::text like ${`%"${id}"%`}`)).for('update')
  for (const row of rows) await tx.update(classes).set({ document: withoutPerson(row.document, id), version: sql`${classes.version} + 1` }).where(eq(classes.id, row.id))
  const earlier = await tx.select().from(classRevisions).where(and(eq(classRevisions.hallId, hallId), sql`${classRevisions.document}::text like ${`%"${id}"%`}`))
  for (const row of earlier) {
    await tx.update(classRevisions).set({ document: withoutPerson(row.document, id) }).where(and(eq(classRevisions.classId, row.classId), eq(classRevisions.version, row.version)))
  }
}

/** Erases the person from the roster, from every class and its earlier versions, and by name from every run. */
export async function erasePerson(hallId: string, id: string): Promise<void> {
  await db().transaction(async (tx) => {
    const [row] = await tx.delete(people).where(and(eq(people.hallId, hallId), eq(people.id, id))).returning({ id: people.id })
    if (!row) throw notFound('person')
    await eraseFromClasses(tx, hallId, id)
    const played = await tx.select({ id: runs.id, snapshot: runs.snapshot }).from(runs).where(and(eq(runs.hallId, hallId), sql`${runs.snapshot}::text like ${`%"${id}"%`}`))
    for (const run of played) {
      const nameless = run.snapshot.people.map((person) => (person.id === id ? { id, name: 'somebody', goEasy: [], goEasyNote: '' } : person))
      const others = <Entry extends { personId: string }>(list: Entry[] | undefined) => list?.filter((each) => each.personId !== id)
      const snapshot = { ...run.snapshot, people: nameless, exceptions: others(run.snapshot.exceptions), doings: others(run.snapshot.doings) }
      await tx.update(runs).set({ snapshot, snapshotBefore: null }).where(eq(runs.id, run.id))
    }
  })
}
