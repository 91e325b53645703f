import { and, eq } from 'drizzle-orm'
import type { InHall } from '../db/in-hall'
import { classes, exercises, gearKinds, people, plans, rooms, runs } from '../db/schema'
import { notFound } from '../refused'

const tables = new Map([
  ['class', classes],
  ['plan', plans],
  ['person', people],
  ['exercise', exercises],
  ['gear', gearKinds],
  ['room', rooms],
] as const)

/** A document as it was stored, whether or not it can be read, to be kept elsewhere and mended. */
export async function storedAsIs(
  { hallId, tx }: InHall,
  what: string,
  id: string,
): Promise<{ name: string; format: number; document: unknown }> {
  if (what === 'run') {
    const [row] = await tx
      .select({ name: runs.className, format: runs.format, document: runs.snapshot })
      .from(runs)
      .where(and(eq(runs.hallId, hallId), eq(runs.id, id)))
    if (!row) throw notFound('run')
    return { ...row, name: row.name ?? 'run' }
  }
  const table = tables.get(what as 'class')
  if (!table) throw notFound('kind of entry')
  const [row] = await tx
    .select({ name: table.name, format: table.format, document: table.document })
    .from(table)
    .where(and(eq(table.hallId, hallId), eq(table.id, id)))
  if (!row) throw notFound('entry')
  return row
}
