import { and, eq } from 'drizzle-orm'
import type { RunEvent } from '../../core/run/events'
import { db, sql } from '../db/client'
import { screenLinks } from '../db/schema'
import { log } from '../http/respond'
import { eventsAfter, runChannel, runVersion } from '../services/runs'

/** What there is to tell of a run: its snapshot's version, the events after those told before, and the links that were taken back. */
export interface RunNews {
  version: number
  events: RunEvent[]
  revoked: ReadonlySet<string>
}

type Listener = (news: RunNews) => void

/** The listeners of a run in this process, and up to where its events were read for them. */
interface Tail {
  listeners: Set<Listener>
  last: number
  reading: Promise<void>
  /** Something came while it was read: read once more. */
  again: boolean
}

const tails = new Map<string, Tail>()
let listening: Promise<unknown> | undefined

/**
 * Calls `listener` whenever run `runId` may have something new, from whichever app process it came, and again whenever
 * the line to the database was lost and is back (something may have been missed). What is new is read once for all who listen: the first of them
 * has seen the events up to `after`, and any of them may have to read for itself what lies before what it is told. Returns what ends it.
 */
export async function onRunChange(runId: string, after: number, listener: Listener): Promise<() => void> {
  if (!tails.has(runId)) tails.set(runId, { listeners: new Set(), last: after, reading: Promise.resolve(), again: false })
  const tail = tails.get(runId)!
  tail.listeners.add(listener)
  const end = () => {
    tail.listeners.delete(listener)
    if (tail.listeners.size === 0 && tails.get(runId) === tail) tails.delete(runId)
  }
  try {
    listening ??= sql().listen(runChannel, read, readAll)
    await listening
  } catch (error) {
    listening = undefined
    log.warn(error)
    end()
    throw error
  }
  return end
}

function read(runId: string): void {
  const tail = tails.get(runId)
  if (!tail || tail.again) return
  tail.again = true
  tail.reading = tail.reading.then(async () => {
    tail.again = false
    const news = await newsOf(runId, tail.last)
    tail.last = news.events.at(-1)?.sequence ?? tail.last
    tail.listeners.forEach((listener) => listener(news))
  }).catch((error: unknown) => log.warn(error))
}

const readAll = () => [...tails.keys()].forEach(read)

/** What there is to tell a screen that has seen the events up to `after`. */
export async function newsOf(runId: string, after: number): Promise<RunNews> {
  const [version, events, links] = await Promise.all([
    runVersion(runId),
    eventsAfter(runId, after),
    db().select({ token: screenLinks.token }).from(screenLinks).where(and(eq(screenLinks.runId, runId), eq(screenLinks.revoked, true))),
  ])
  return { version, events, revoked: new Set(links.map(({ token }) => token)) }
}

/** How many streams this process has open. */
export const openStreams = (): number => [...tails.values()].reduce((sum, { listeners }) => sum + listeners.size, 0)
