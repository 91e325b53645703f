import { and, eq, sql } from 'drizzle-orm'
import type { RunEvent } from '../../core/run/clock/events'
import { inRoom } from '../db/in-hall'
import { screenLinks, runs } from '../db/schema'
import { log } from '../log'
import { eventsAfter, runChannel } from '../services/runs'
import { listen } from './listen'

/**
 * What there is to tell of a run: its snapshot's version, the number of its last event, the events after those told before, and
 * the links that were taken back.
 */
export interface RunNews {
  version: number
  sequence: number
  events: RunEvent[]
  revoked: ReadonlySet<string>
}

export interface Listener {
  tell: (news: RunNews) => void
  /** Ends the stream, and asks the screen to connect anew. */
  rejoin: () => void
}

/** The listeners of a run in this process, and up to where its events were read for them. */
interface Tail {
  hallId: string
  listeners: Set<Listener>
  /** Absent until it was read for the first time: no screen decides where the others' news begin. */
  last: number | undefined
  version: number | undefined
  reading: Promise<void>
  /** Something came while it was read: read once more. */
  again: boolean
}

const tails = new Map<string, Tail>()
let listening: Promise<void> | undefined

/** A process has so many streams, and so many of one hall, link or address (a hall may come by a single one), before more are refused. */
export const mostStreams = { inAll: 2000, ofHall: 800, ofAddress: 600, ofLink: 12 } as const

/** A screen that hears nothing for more than twice as long takes its line for lost. */
const beatMs = 5000

/**
 * Calls `listener` whenever run `runId` may have something new, from whichever app process it came; again whenever the line to the
 * database was lost and is back; and every five seconds in any case, so that a notice that was lost is made up for. What is new is
 * read once for all who listen, from the database's own number on: each tells its screen what that has not seen. Returns what ends
 * it.
 */
export async function onRunChange(hallId: string, runId: string, listener: Listener): Promise<() => void> {
  listening ??= listen(runChannel, heard, readAll)
  // While the line is away, beats read what is new.
  await listening.catch(() => {})
  if (!tails.has(runId))
    tails.set(runId, { hallId, listeners: new Set(), last: undefined, version: undefined, reading: Promise.resolve(), again: false })
  const tail = tails.get(runId)!
  tail.listeners.add(listener)
  beating ??= setInterval(readAll, beatMs)
  beating.unref()
  return () => {
    tail.listeners.delete(listener)
    if (tail.listeners.size === 0 && tails.get(runId) === tail) tails.delete(runId)
  }
}

let beating: ReturnType<typeof setInterval> | undefined

/** What another process tells: the run, and the number of its new event where there is one and nothing else is new. */
function heard(payload: string): void {
  const [runId = '', sequence] = payload.split(' ')
  // Told already by whoever took the command in this process.
  if (sequence !== undefined && (tails.get(runId)?.last ?? -1) >= Number(sequence)) return
  read(runId)
}

/**
 * Tells the screens of this process at once of an event that was just taken here, where it is the next they have to hear; what it
 * is not, they read.
 */
export function announce(runId: string, event: RunEvent): void {
  const tail = tails.get(runId)
  if (!tail || tail.last !== event.sequence - 1 || tail.version === undefined) return
  tail.last = event.sequence
  const news: RunNews = { version: tail.version, sequence: event.sequence, events: [event], revoked: nothing }
  tail.listeners.forEach(({ tell }) => tell(news))
}

const nothing: ReadonlySet<string> = new Set()

function read(runId: string): void {
  const tail = tails.get(runId)
  if (!tail || tail.again) return
  tail.again = true
  tail.reading = tail.reading
    .then(async () => {
      tail.again = false
      const news = await newsOf(tail.hallId, runId, tail.last)
      // What was announced meanwhile stays told.
      tail.last = Math.max(tail.last ?? 0, news.sequence)
      tail.version = news.version
      tail.listeners.forEach(({ tell }) => tell(news))
    })
    .catch((error: unknown) => {
      log.warn({ err: error }, 'news of a run could not be read')
      // What could not be read is read again with the next notice or beat, at the latest.
      setTimeout(() => read(runId), 300).unref()
    })
}

const readAll = () => [...tails.keys()].forEach(read)

/** What there is to tell a screen that has seen the events up to `after`; none of them, when that is left out. */
export function newsOf(hallId: string, runId: string, after: number | undefined): Promise<RunNews> {
  return inRoom(hallId, async (hall) => {
    // In one question: a room waits for the sum of them.
    const revokedHere = sql<string[]>`array(${hall.tx
      .select({ token: screenLinks.token })
      .from(screenLinks)
      .where(and(eq(screenLinks.hallId, hallId), eq(screenLinks.runId, runId), eq(screenLinks.revoked, true)))})`
    const [run] = await hall.tx
      .select({ version: runs.version, sequence: runs.sequence, revoked: revokedHere })
      .from(runs)
      .where(and(eq(runs.hallId, hallId), eq(runs.id, runId)))
    const { version = 0, sequence = 0, revoked = [] } = run ?? {}
    // Between the two readings more may have happened: it is told with the next notice.
    const events =
      after === undefined || after >= sequence ? [] : (await eventsAfter(hall, runId, after)).filter((event) => event.sequence <= sequence)
    return { version, sequence, events, revoked: new Set(revoked) }
  })
}

/** How many streams this process has open. */
export const openStreams = (): number => [...tails.values()].reduce((sum, { listeners }) => sum + listeners.size, 0)

/** Before the app ends: every screen connects anew, to whoever takes its place. */
export function sendAway(): void {
  for (const { listeners } of tails.values()) listeners.forEach(({ rejoin }) => rejoin())
}

process.once('SIGTERM', sendAway)
process.once('SIGINT', sendAway)
