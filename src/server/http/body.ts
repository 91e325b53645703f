import type { z } from 'zod'
import { limits } from '../../core/base/limits'
import { read } from '../../core/base/read'
import type { JobName } from '../../workers/job-list'
import { runJob } from '../jobs/pool'
import { refuse, Refused } from '../refused'

/** Past this many bytes a body is no longer even read to its end. */
const patience = 32 * limits.jsonBytes

/** No document that this app knows is deeper; a parser of one that is may run out of stack. */
const mostLevels = 64

/** A body of more characters than this can take longer to validate than the streams of a room can wait. */
const mostHere = 20_000

/**
 * The request's JSON body, validated. Answers 413, 400 or 422 otherwise; the errors name the fields. What may be long is validated
 * by the job `elsewhere`, which takes the same schema.
 */
export async function readBody<Schema extends z.ZodType>(request: Request, schema: Schema, elsewhere?: JobName): Promise<z.output<Schema>> {
  const text = await readText(request)
  if (elsewhere && text.length > mostHere) return JSON.parse(await runJob(elsewhere, text)) as z.output<Schema>
  const result = read(schema, parsed(text))
  if (!result.ok) throw new Refused('invalid', result.problems)
  return result.value
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw refuse('malformed', 'notJson', `The body is not JSON: ${(error as Error).message.slice(0, 200)}`)
  }
}

/** The request's body as text, to be taken apart and validated by whoever takes it. Answers 413 or 400 otherwise. */
export async function readText(request: Request): Promise<string> {
  if (!request.body) return ''
  const chunks: Uint8Array[] = []
  let size = 0
  // What is too large is read on but not kept, so that the sender hears the answer rather than a broken connection.
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength
    if (size <= limits.jsonBytes) chunks.push(chunk)
    if (size > patience) break
  }
  if (size > limits.jsonBytes)
    throw refuse('tooLarge', 'tooLarge', `The body is larger than ${limits.jsonBytes / 1000} kB, the most that is taken.`)
  const bytes = Buffer.concat(chunks)
  if (isTooDeep(bytes)) throw refuse('malformed', 'tooDeep', `The body is nested deeper than ${mostLevels} levels.`)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    throw refuse('malformed', 'notUtf8', 'The body is not UTF-8 text.')
  }
}

/** Whether brackets outside of strings stand deeper than anything known. */
function isTooDeep(bytes: Uint8Array): boolean {
  let [depth, inString] = [0, false]
  for (let index = 0; index < bytes.length; index++) {
    const byte = bytes[index]
    if (inString) {
      if (byte === 0x5c) index++
      else if (byte === 0x22) inString = false
    } else if (byte === 0x22) inString = true
    else if (byte === 0x7b || byte === 0x5b) {
      if (++depth > mostLevels) return true
    } else if (byte === 0x7d || byte === 0x5d) depth--
  }
  return false
}
