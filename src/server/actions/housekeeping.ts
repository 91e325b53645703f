import { inTheHall } from '../db/in-hall'
import { log } from '../log'
import { closeIfOver, openRuns } from '../services/runs'
import { storeSummaries } from './class-list'

const everyMs = 60_000
const dayMs = 86_400_000

/** Marks the runs whose time is over as ended, so that no class stands as under way until somebody looks. */
export async function closeOverdue(): Promise<void> {
  const open = await inTheHall(openRuns)
  for (const run of open) await inTheHall((hall) => closeIfOver(hall, run))
}

/** Of the week that is shown first, and the next. */
const storeComing = () => storeSummaries(new Date(Date.now() - dayMs), new Date(Date.now() + 14 * dayMs))

/** What no page may do while it is only looked at: done now, and again and again as long as the app runs. */
export function keepHouse(): void {
  const keep = async () => {
    for (const chore of [closeOverdue, storeComing])
      await chore().catch((error: unknown) => log.warn({ err: error, chore: chore.name }, 'a chore could not be done'))
  }
  void keep()
  setInterval(() => void keep(), everyMs).unref()
}
