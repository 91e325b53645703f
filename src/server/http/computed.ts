import type { JobName } from '../../workers/job-list'
import { inTheHall } from '../db/in-hall'
import { runJob } from '../jobs/pool'
import { knownLibrary } from '../services/halls'
import { readText } from './body'
import { limitRate } from './rates'
import { endpoint, jsonText } from './respond'

/** An endpoint that works something out from its body alone, and stores nothing. */
export const computed = (name: JobName) =>
  endpoint(async ({ request, clientAddress }) => {
    await limitRate('jobs', clientAddress)
    return jsonText(await runJob(name, await readText(request)))
  })

/** One that takes what the body leaves out from the hall's library. */
export const computedInHall = (name: JobName) =>
  endpoint(async ({ request, clientAddress }) => {
    await limitRate('jobs', clientAddress)
    const body = await readText(request)
    return jsonText(await runJob(name, body, await inTheHall(knownLibrary)))
  })
