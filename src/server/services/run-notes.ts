import { and, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { Note } from '../../core/records/run-told'
import type { InHall } from '../db/in-hall'
import { runNotes } from '../db/schema'
import { notFound, refuse } from '../refused'

const shown = ({ id, text, byName, at }: typeof runNotes.$inferSelect): Note => ({ id, text, by: byName, at: at.toISOString() })

export async function notesOf({ hallId, tx }: InHall, runId: string): Promise<Note[]> {
  const rows = await tx
    .select()
    .from(runNotes)
    .where(and(eq(runNotes.hallId, hallId), eq(runNotes.runId, runId)))
    .orderBy(runNotes.at)
  return rows.map(shown)
}

/** Notes that a run can have. */
const mostNotes = 200

export async function addNote({ hallId, tx, by }: InHall, runId: string, text: string): Promise<Note> {
  const there = await tx.$count(runNotes, and(eq(runNotes.hallId, hallId), eq(runNotes.runId, runId)))
  if (there >= mostNotes) throw refuse('stale', 'tooManyNotes', 'A run has so many notes already. Remove some first.')
  const [row] = await tx
    .insert(runNotes)
    .values({ hallId, id: nanoid(12), runId, text, byName: by?.name ?? 'Vicinor' })
    .returning()
  return shown(row!)
}

export async function removeNote({ hallId, tx }: InHall, runId: string, id: string): Promise<void> {
  const [row] = await tx
    .delete(runNotes)
    .where(and(eq(runNotes.hallId, hallId), eq(runNotes.runId, runId), eq(runNotes.id, id)))
    .returning({ id: runNotes.id })
  if (!row) throw notFound('note')
}
