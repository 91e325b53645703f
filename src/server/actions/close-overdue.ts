import { inTheHall } from '../db/in-hall'
import { log } from '../log'
import { closeIfOver, openRuns } from '../services/runs'

const everyMs = 60_000

/** Marks the runs whose time is over as ended, so that no class stands as under way until somebody looks. */
export async function closeOverdue(): Promise<void> {
  const open = await inTheHall(openRuns)
  for (const run of open) await inTheHall((hall) => closeIfOver(hall, run))
}

/** Does so now, and again and again as long as the app runs. */
export function keepClosingOverdue(): void {
  const close = () => void closeOverdue().catch((error: unknown) => log.warn({ err: error }, 'runs that are over could not be closed'))
  close()
  setInterval(close, everyMs).unref()
}
