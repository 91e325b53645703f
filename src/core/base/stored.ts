import type { z } from 'zod'
import { read } from './read'
import { failure, problem, type Result } from './result'

/** One kind of stored document: what it is called, how it is validated, and how each earlier format becomes the next. */
export interface DocumentKind<Document> {
  what: string
  schema: z.ZodType<Document>
  /** `forward[0]` makes format 2 of format 1, and so on: the present format is one more than there are steps. */
  forward: readonly ((earlier: unknown) => unknown)[]
}

export const presentFormat = (kind: Pick<DocumentKind<unknown>, 'forward'>): number => kind.forward.length + 1

/** A document as it was stored in `format`, brought forward to the present one and validated. Fails with `unreadable`, naming the field. */
export function readStored<Document>(kind: DocumentKind<Document>, format: number, stored: unknown): Result<Document> {
  if (format > presentFormat(kind)) return failure(problem('unreadable', `This ${kind.what} was stored by a newer Vicinor.`))
  let document = stored
  try {
    for (const step of kind.forward.slice(format - 1)) document = step(document)
  } catch {
    return failure(problem('unreadable', `This ${kind.what} cannot be brought forward from format ${format}.`))
  }
  const found = read(kind.schema, document)
  if (found.ok) return found
  const [first] = found.problems
  return failure(problem('unreadable', `This ${kind.what} cannot be read: ${first!.message}.`, first!.field))
}
