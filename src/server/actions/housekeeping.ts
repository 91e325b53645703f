import { setTimeout as sleep } from 'node:timers/promises'
import { askedIn, everyHall, inTheHall } from '../db/in-hall'
import { log } from '../log'
import { forgetLimits } from '../services/forget-limits'
import { measure } from '../services/hall-limits'
import { recordOne } from '../services/records'
import { closeIfOver, openRuns } from '../services/runs'
import { storeSummaries } from './class-list'

const everyMs = 60_000
const dayMs = 86_400_000

/** Marks the runs whose time is over as ended, so that no class stands as under way until somebody looks. */
async function closeOverdue(): Promise<void> {
  for (const run of await inTheHall(openRuns)) await inTheHall((hall) => closeIfOver(hall, run))
}

/** Of the week that is shown first, and the next. */
const storeComing = () => storeSummaries(new Date(Date.now() - dayMs), new Date(Date.now() + 14 * dayMs))

/** When each hall last forgot what it no longer has to know, by the hall's id: once a day is often enough. */
const forgotten = new Map<string, number>()

const forget = (): Promise<void> =>
  inTheHall(async (hall) => {
    if (Date.now() - (forgotten.get(hall.hallId) ?? 0) < dayMs) return
    await measure(hall)
    const goesOn = await forgetLimits(hall)
    if (!goesOn) forgotten.set(hall.hallId, Date.now())
  })

/** Between two runs that are recorded rooms have the thread, and the machine, for themselves. */
const breathMs = 150

/** What lists and charts read of runs that have ended. */
async function record(): Promise<void> {
  while (await inTheHall(recordOne)) await sleep(breathMs)
}

// Records last: of what was forgotten just now they say nothing any more.
const chores = [closeOverdue, storeComing, forget, record]

/** What no page may do while it is only looked at, in every hall. */
async function doChores(): Promise<void> {
  for (const hallId of await everyHall())
    for (const chore of chores)
      await askedIn({ hallId }, chore).catch((error: unknown) => log.warn({ err: error, chore: chore.name }, 'a chore could not be done'))
}

/** Does them now, and again and again as long as the app runs. */
export function keepHouse(): void {
  const keep = () => void doChores().catch((error: unknown) => log.warn({ err: error }, 'no hall could be found'))
  keep()
  setInterval(keep, everyMs).unref()
}
