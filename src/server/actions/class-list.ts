import { LRUCache } from 'lru-cache'
import type { ClassSummary } from '../../core/class/summary'
import { inTheHall } from '../db/in-hall'
import { runJob } from '../jobs/pool'
import { classesBetween, classTexts, keepSummary, type ListedClass } from '../services/classes'
import { Refused } from '../refused'
import { knownLibrary, ownHall, type KnownLibrary } from '../services/halls'

export interface SummedClass extends Omit<ListedClass, 'summary' | 'summaryOf'> {
  /** Absent as long as it is being worked out. */
  summary?: ClassSummary
}

/** So many at once, in jobs of so few that one is done in time on a slow machine too; the list shows the rest as being worked out. */
const most = { atOnce: 60, inAJob: 4 } as const

/** Summaries that were worked out and are not stored yet, by class, version and library. */
const worked = new LRUCache<string, ClassSummary>({ max: 2000 })

/** Those under way, by the same: who needs one meanwhile waits for it, and asks for no second. */
const underWay = new Map<string, Promise<void>>()

/** What is worked out of a hall's classes with a library is of this. */
export const keysOf =
  (hallId: string, libraryKey: string) =>
  ({ id, version }: Pick<ListedClass, 'id' | 'version'>): string =>
    `${hallId}/${id}/${version}/${libraryKey}`

interface Summing {
  listed: ListedClass[]
  /** Of a class, what its summary has to be of. */
  keyOf: ReturnType<typeof keysOf>
}

/** Classes of a stretch of time; summaries of those whose stored one is of an earlier class or library are in `worked` then. */
async function summed(from: Date, until: Date): Promise<Summing> {
  const { listed, known, stale, texts, keyOf } = await inTheHall(async (hall) => {
    const { libraryKey } = await ownHall(hall)
    const listed = await classesBetween(hall, from, until)
    const keyOf = keysOf(hall.hallId, libraryKey)
    const stale = listed.filter((listing) => listing.summaryOf !== keyOf(listing) && !worked.has(keyOf(listing))).slice(0, most.atOnce)
    const ids = stale.filter((listing) => !underWay.has(keyOf(listing))).map(({ id }) => id)
    // Where nothing has changed the library is not read: it takes longer than all the rest.
    const known = ids.length > 0 ? await knownLibrary(hall) : undefined
    return { known, listed, keyOf, stale: stale.map(keyOf), texts: await classTexts(hall, ids) }
  })
  if (known) {
    const asked = texts.filter((text) => !underWay.has(keyOf(text)))
    for (let at = 0; at < asked.length; at += most.inAJob) sumUp(asked.slice(at, at + most.inAJob), keyOf, known)
  }
  await Promise.all(stale.map((key) => underWay.get(key)))
  return { listed, keyOf }
}

type ClassText = Awaited<ReturnType<typeof classTexts>>[number]

/** Has summaries worked out, in one job. A server that has too much else to do leaves them for the next time. */
function sumUp(texts: ClassText[], keyOf: Summing['keyOf'], known: KnownLibrary): void {
  const keys = new Map(texts.map((text) => [text.id, keyOf(text)]))
  const job = runJob('summaries', storedClasses(texts), known)
    .then((answer) => {
      for (const { id, summary } of JSON.parse(answer) as { id: string; summary: ClassSummary }[]) worked.set(keys.get(id)!, summary)
    })
    .catch((error: unknown) => {
      if (!(error instanceof Refused)) throw error
    })
    .finally(() => keys.forEach((key) => underWay.delete(key)))
  keys.forEach((key) => underWay.set(key, job))
}

/** Classes as a job takes them. */
export const storedClasses = (texts: readonly ClassText[]): string =>
  `[${texts.map(({ id, text }) => `{"id":${JSON.stringify(id)},"document":${text}}`).join()}]`

/**
 * Classes of a stretch of time with what lists show of them: as it stands stored with them, or, where the class or the hall's
 * library has changed since, computed anew.
 */
export async function classList(from: Date, until: Date): Promise<SummedClass[]> {
  const { listed, keyOf } = await summed(from, until)
  return listed.map(({ summary, summaryOf, ...listing }) => {
    const key = keyOf(listing)
    const shown = summaryOf === key ? (summary as ClassSummary) : worked.get(key)
    return { ...listing, ...(shown && { summary: shown }) }
  })
}

/** Stores with the classes of a stretch of time what lists show of them, where that has changed. */
export async function storeSummaries(from: Date, until: Date): Promise<void> {
  const { listed, keyOf } = await summed(from, until)
  for (const listing of listed) {
    const key = keyOf(listing)
    const summary = listing.summaryOf === key ? undefined : worked.get(key)
    if (summary) await inTheHall((hall) => keepSummary(hall, listing.id, listing.version, JSON.stringify(summary), key))
  }
}
