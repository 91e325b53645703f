import { and, count, eq, sql } from 'drizzle-orm'
import type { Role } from '../../core/access/role'
import { memberships } from '../db/accounts'
import type { InHall } from '../db/in-hall'
import { notFound, refuse } from '../refused'
import { audit } from '../services/audit'

export interface Member {
  id: string
  name: string
  email: string
  role: Role
  since: Date
}

export async function members({ tx }: InHall): Promise<Member[]> {
  const { rows } = await tx.execute<{ id: string; name: string; email: string; role: Role; since: Date }>(
    sql`select user_id as id, name, email, role, since from members_of_hall()`,
  )
  return rows
}

const nameOf = async (hall: InHall, id: string): Promise<string> => (await members(hall)).find((known) => known.id === id)?.name ?? ''

const member = (hall: InHall, id: string) => and(eq(memberships.hallId, hall.hallId), eq(memberships.userId, id))

/** The hall's members stay as they are until the work is done: two owners cannot both stop being the last. */
async function lockedRole(hall: InHall, id: string): Promise<Role> {
  const rows = await hall.tx.select().from(memberships).where(eq(memberships.hallId, hall.hallId)).for('update')
  const found = rows.find(({ userId }) => userId === id)
  if (!found) throw notFound('member')
  return found.role
}

async function keepsAnOwner(hall: InHall): Promise<void> {
  const [owners] = await hall.tx
    .select({ count: count() })
    .from(memberships)
    .where(and(eq(memberships.hallId, hall.hallId), eq(memberships.role, 'owner')))
  if (owners!.count === 0) throw refuse('stale', 'lastOwner', 'A hall needs an owner. Make somebody else one first.')
}

export async function changeRole(hall: InHall, id: string, role: Role): Promise<void> {
  const before = await lockedRole(hall, id)
  await hall.tx.update(memberships).set({ role }).where(member(hall, id))
  await keepsAnOwner(hall)
  await audit(hall, 'roleChanged', { about: `${await nameOf(hall, id)}: ${before} to ${role}` })
}

/** They are out with their next press, wherever they are signed in; their account stays theirs. */
export async function removeMember(hall: InHall, id: string): Promise<void> {
  await lockedRole(hall, id)
  const name = await nameOf(hall, id)
  await hall.tx.delete(memberships).where(member(hall, id))
  await keepsAnOwner(hall)
  await audit(hall, 'memberRemoved', { about: name })
}
