import type { z } from 'zod'
import { limits } from '../../core/plan/limits'
import { read } from '../../core/plan/read'
import { refuse, Refused } from './respond'

/** Past this many bytes a body is no longer even read to its end. */
const patience = 32 * limits.jsonBytes

/** The request's JSON body, validated. Answers 413, 400 or 422 otherwise; the errors name the fields. */
export async function readBody<Schema extends z.ZodType>(request: Request, schema: Schema): Promise<z.output<Schema>> {
  const text = await readText(request)
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch (error) {
    throw refuse(400, 'notJson', `The body is not JSON: ${(error as Error).message}`)
  }
  const result = read(schema, data)
  if (!result.ok) throw new Refused(422, result.problems)
  return result.value
}

async function readText(request: Request): Promise<string> {
  if (!request.body) return ''
  const chunks: Uint8Array[] = []
  let size = 0
  // What is too large is read on but not kept, so that the sender hears the answer rather than a broken connection.
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength
    if (size <= limits.jsonBytes) chunks.push(chunk)
    if (size > patience) break
  }
  if (size > limits.jsonBytes) throw refuse(413, 'tooLarge', `The body is larger than ${limits.jsonBytes / 1_000_000} MB, the most that is taken.`)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks))
  } catch {
    throw refuse(400, 'notUtf8', 'The body is not UTF-8 text.')
  }
}
