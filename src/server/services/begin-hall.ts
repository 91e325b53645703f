import { eq, sql } from 'drizzle-orm'
import { presentFormat } from '../../core/base/stored'
import type { NewHall } from '../../core/library/new-hall'
import type { InHall } from '../db/in-hall'
import { memberships } from '../db/accounts'
import { classes, gearKinds, halls, people, plans, rooms } from '../db/schema'
import { kinds } from '../db/stored'
import { refuse } from '../refused'
import { ownHall } from './halls'

/**
 * Somebody's own hall in the place of the demo or of one that was empty: its exercises stay, its people, rooms, classes and plans do
 * not. A hall that is somebody's own already is not touched.
 */
export async function beginHall(hall: InHall, { name, timeZone, weightUnit, lengthUnit, clock, room, usualGear }: NewHall): Promise<void> {
  const { hallId, tx } = hall
  await tx.select({ id: halls.id }).from(halls).where(eq(halls.id, hallId)).for('update')
  const { stage, figures } = await ownHall(hall)
  if (stage === 'own') throw refuse('stale', 'hallBegun', 'This hall is somebody’s own already.')
  // Runs, links and revisions go with their classes; the demo's made-up members are none of somebody's own hall.
  for (const table of [classes, plans, people, rooms, memberships]) await tx.delete(table).where(eq(table.hallId, hallId))
  await tx.execute(sql`select forget_audit_of_demo()`)
  await tx.insert(rooms).values({ hallId, id: room.id, name: room.name, document: room, format: presentFormat(kinds.room) })
  if (!usualGear)
    await tx
      .update(gearKinds)
      .set({
        document: sql`jsonb_set(${gearKinds.document}, '{sizes}', (select jsonb_agg((size - 'broken' - 'lent') || '{"owned": 0}') from jsonb_array_elements(${gearKinds.document}->'sizes') size))`,
        version: sql`${gearKinds.version} + 1`,
      })
      .where(eq(gearKinds.hallId, hallId))
  await tx
    .update(halls)
    .set({ name, timeZone, stage: 'own', figures: { ...figures, weightUnit, lengthUnit, clock }, version: sql`${halls.version} + 1` })
    .where(eq(halls.id, hallId))
}
