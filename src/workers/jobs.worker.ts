import type { HallLibrary } from '../core/class/compute'
import { read } from '../core/base/read'
import { failure, problem, success, type Result } from '../core/base/result'
import { jobs, type JobName } from './job-list'

export interface JobRequest {
  name: JobName
  /** What it takes, as JSON. */
  input: string
  /** The hall's library as JSON, and what tells it from others: it is read once. */
  library?: { key: string; text: string }
}

/** A result as JSON, with the problems where there is none. */
export interface JobAnswer {
  ok: boolean
  text: string
}

/** An answer of more than this would hold the streams up while it is sent. */
const mostCharacters = 4_000_000

let last: { key: string; library: HallLibrary } | undefined

function libraryOf({ library }: JobRequest): HallLibrary {
  if (!library) return { people: [], exercises: [], gear: [] }
  if (last?.key !== library.key) last = { key: library.key, library: JSON.parse(library.text) as HallLibrary }
  return last.library
}

function parse(text: string): Result<unknown> {
  try {
    return success(JSON.parse(text))
  } catch (error) {
    return failure(problem('notJson', `The body is not JSON: ${(error as Error).message.slice(0, 200)}`))
  }
}

/** Runs one job: on a thread of its own, with text in and text out, so that nothing is taken apart on the thread of the streams. */
export default function run(request: JobRequest): JobAnswer {
  const { takes, gives } = jobs[request.name]
  const parsed = parse(request.input)
  const input = parsed.ok ? read(takes, parsed.value) : parsed
  const result = input.ok ? gives(input.value, libraryOf(request)) : input
  const text = JSON.stringify(result.ok ? result.value : result.problems)
  if (text.length <= mostCharacters) return { ok: result.ok, text }
  return {
    ok: false,
    text: JSON.stringify(
      failure(problem('answerTooLarge', 'The answer would be larger than 4 MB. Ask for less: fewer turns, stations or people.')).problems,
    ),
  }
}
