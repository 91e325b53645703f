import { sql } from '../db/client'
import { log } from '../http/respond'
import { runChannel } from '../services/runs'

type Listener = () => void

const listeners = new Map<string, Set<Listener>>()
let listening: Promise<unknown> | undefined

/**
 * Calls `listener` whenever run `runId` may have something new, from whichever app process it came, and again whenever
 * the line to the database was lost and is back (something may have been missed). Returns what ends it.
 */
export async function onRunChange(runId: string, listener: Listener): Promise<() => void> {
  if (!listeners.has(runId)) listeners.set(runId, new Set())
  listeners.get(runId)!.add(listener)
  const end = () => {
    const set = listeners.get(runId)
    set?.delete(listener)
    if (set?.size === 0) listeners.delete(runId)
  }
  try {
    listening ??= sql().listen(runChannel, (id) => listeners.get(id)?.forEach((each) => each()), tellAll)
    await listening
  } catch (error) {
    listening = undefined
    log.warn(error)
    end()
    throw error
  }
  return end
}

/** How many streams this process has open. */
export const openStreams = (): number => [...listeners.values()].reduce((sum, set) => sum + set.size, 0)

const tellAll = () => listeners.forEach((set) => set.forEach((each) => each()))
