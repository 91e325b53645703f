import { sql } from 'drizzle-orm'
import type { Role } from '../../core/access/role'
import { database } from './pool'

/** A hall that somebody belongs to, and as what. */
export interface Membership {
  id: string
  name: string
  role: Role
  /** Whether it is the made-up one. */
  demo: boolean
}

/** The halls of an account, those it has belonged to longest first. Asked before any hall is bound, as it says which. */
export async function membershipsOf(userId: string): Promise<Membership[]> {
  const { rows } = await database().execute<{ id: string; name: string; role: Role; demo: boolean }>(
    sql`select hall_id as id, name, role, demo from halls_of_user(${userId})`,
  )
  return rows
}

/** The demo, if there is one, and its made-up owner. */
export async function demoMembership(): Promise<{ hall: Membership; userId: string; name: string } | undefined> {
  const { rows } = await database().execute<{ hall_id: string; name: string; role: Role; user_id: string; owner: string }>(
    sql`select hall_id, name, role, user_id, owner from demo_owner()`,
  )
  const [row] = rows
  return row && { hall: { id: row.hall_id, name: row.name, role: row.role, demo: true }, userId: row.user_id, name: row.owner }
}
