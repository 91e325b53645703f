import { and, desc, eq, lt, sql } from 'drizzle-orm'
import type { Act, AuditEntry } from '../../core/access/audit'
import { audits } from '../db/accounts'
import type { InHall } from '../db/in-hall'
import { people } from '../db/schema'

/** Lines of the audit that a page shows. */
export const auditPage = 100

/** Notes who did what, in the same work: what is not noted is not done. */
export async function audit(hall: InHall, act: Act, of: { personId?: string; about?: string } = {}): Promise<void> {
  const { hallId, tx, by } = hall
  await tx.insert(audits).values({ hallId, userId: by?.id ?? null, byName: by?.name ?? 'A link, or Vicinor itself', act, ...of })
}

/** The latest first; those before a line, where one is named. */
export async function audited({ hallId, tx }: InHall, before?: number): Promise<AuditEntry[]> {
  const rows = await tx
    .select({ id: audits.id, at: audits.at, by: audits.byName, act: audits.act, person: people.name, about: audits.about })
    .from(audits)
    .leftJoin(people, and(eq(people.hallId, audits.hallId), eq(people.id, audits.personId)))
    .where(and(eq(audits.hallId, hallId), before === undefined ? undefined : lt(audits.id, before)))
    .orderBy(desc(audits.id))
    .limit(auditPage)
  return rows.map(({ at, person, about, ...row }) => ({ ...row, at: at.toISOString(), ...(person && { person }), ...(about && { about }) }))
}

/** What was noted of one person, the latest last. */
export const auditedOf = ({ hallId, tx }: InHall, personId: string): Promise<{ at: Date; act: Act }[]> =>
  tx
    .select({ at: audits.at, act: audits.act })
    .from(audits)
    .where(and(eq(audits.hallId, hallId), eq(audits.personId, personId)))
    .orderBy(audits.id)

/** Whoever is erased is erased here too: that somebody was stays. */
export const eraseFromAudit = ({ tx }: InHall, personId: string): Promise<unknown> => tx.execute(sql`select erase_from_audit(${personId})`)
