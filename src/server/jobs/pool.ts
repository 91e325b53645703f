import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { Problem } from '../../core/base/result'
import type { JobAnswer, JobRequest } from '../../workers/jobs.worker'
import type { JobName } from '../../workers/job-list'
import { refuse, Refused } from '../refused'
import type { KnownLibrary } from '../services/halls'
import { log } from '../log'

/** How long a computation may take, how much it may hold, and how many may wait for their turn. */
const most = { milliseconds: 8000, heapMegabytes: 160, waiting: 24 } as const

/** A room is rather opened late than not at all, on a machine that has much else to do. */
const patience: Partial<Record<JobName, number>> = { snapshot: 30_000 }

let pool: Piscina | undefined

/** Under way or waiting. */
let asked = 0

/** As many threads as there are processors but one, which is the streams'. */
function jobPool(): Piscina {
  pool ??= new Piscina({
    filename: join(process.env.VICINOR_SERVER ?? join(process.cwd(), 'dist/server'), 'jobs/jobs.mjs'),
    minThreads: 1,
    maxThreads: Math.max(1, Math.min(4, availableParallelism() - 1)),
    // The streams' thread comes first.
    niceIncrement: 10,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: most.heapMegabytes, maxYoungGenerationSizeMb: 16 },
  })
  return pool
}

export const busy = () =>
  refuse('tooMany', 'busy', 'The server is working out other classes. Try again in a moment.', { retryAfterSeconds: 2 })
const tooHeavy = () =>
  refuse('invalid', 'tooHeavy', 'This takes too long, or too much, to work out. Ask for less: fewer turns, stations, exercises or people.')

/**
 * Runs a job off the streams' thread and answers with its result as text. Refused: 422 with the problems, or when it is too heavy;
 * 429 when too many wait.
 */
export async function runJob(name: JobName, input: string, known?: KnownLibrary): Promise<string> {
  // The pool's own limit does not hold for what can be cut off.
  if (asked >= most.waiting + jobPool().maxThreads) throw busy()
  const alone = asked < jobPool().maxThreads
  asked++
  const request: JobRequest = { name, input, ...(known && { library: { key: known.key, text: known.text } }) }
  let answer: JobAnswer
  try {
    answer = (await jobPool().run(request, { signal: AbortSignal.timeout(patience[name] ?? most.milliseconds) })) as JobAnswer
  } catch (error) {
    const { name: kind, code } = error as Error & { code?: string }
    if (code === 'ERR_WORKER_OUT_OF_MEMORY') throw tooHeavy()
    // Of one that had to wait nobody knows whether it was too heavy itself.
    if (kind === 'AbortError' || kind === 'TimeoutError') throw alone ? tooHeavy() : busy()
    log.error({ err: error, job: name }, 'a computation failed')
    throw error
  } finally {
    asked--
  }
  if (!answer.ok) {
    const problems = JSON.parse(answer.text) as Problem[]
    throw new Refused(problems[0]?.code === 'notJson' ? 'malformed' : 'invalid', problems)
  }
  return answer.text
}
