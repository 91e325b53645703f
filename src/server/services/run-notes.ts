import { and, eq } from 'drizzle-orm'
import { nanoid } from 'nanoid'
import type { Note } from '../../core/records/run-told'
import type { InHall } from '../db/in-hall'
import { runNotes } from '../db/schema'
import { notFound } from '../refused'

const shown = ({ id, text, byName, at }: typeof runNotes.$inferSelect): Note => ({ id, text, by: byName, at: at.toISOString() })

export async function notesOf({ hallId, tx }: InHall, runId: string): Promise<Note[]> {
  const rows = await tx
    .select()
    .from(runNotes)
    .where(and(eq(runNotes.hallId, hallId), eq(runNotes.runId, runId)))
    .orderBy(runNotes.at)
  return rows.map(shown)
}

export async function addNote({ hallId, tx, by }: InHall, runId: string, text: string): Promise<Note> {
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
