import type { z } from 'zod'
import { failure, success, type Problem, type Result } from './result'

/** `['parts', 0, 'laps']` → `"parts[0].laps"`. */
export function fieldPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key)),
    '',
  )
}

function problemsOf(error: z.ZodError): Problem[] {
  return error.issues.slice(0, 20).map((issue) => {
    const field = fieldPath(issue.path)
    if (issue.code === 'unrecognized_keys') {
      const names = issue.keys.slice(0, 5).join(', ')
      return { code: 'unknownField', field, message: `${field || 'the document'} has fields that are not known: ${names}` }
    }
    return { code: issue.code, field, message: `${field || 'the document'} ${issue.message}` }
  })
}

/** Validates `data` against `schema`; every problem names its field. At most 20 problems are told at once. */
export function read<Schema extends z.ZodType>(schema: Schema, data: unknown): Result<z.output<Schema>> {
  const parsed = schema.safeParse(data)
  return parsed.success ? success(parsed.data) : failure(...problemsOf(parsed.error))
}
