import { ClassDocument } from '@core/class/class-document'
import { read } from '@core/base/read'
import type { z } from 'zod'
import { api } from '../kit/api'

/** Stores a new class, or says what it cannot be; answers with its id. */
export async function createClass(document: z.input<typeof ClassDocument>): Promise<string> {
  const checked = read(ClassDocument, document)
  if (!checked.ok) throw new Error(checked.problems[0]?.message)
  return (await api<{ id: string }>('POST', '/api/classes', checked.value)).id
}
