import { LRUCache } from 'lru-cache'
import type { ClassSummary } from '../../core/class/summary'
import type { OtherClass } from '../../core/class/overlap'
import { inTheHall } from '../db/in-hall'
import { runJob } from '../jobs/pool'
import { classesBeside, classesBetween, classTexts, keepSummary, type ListedClass, type StoredClass } from '../services/classes'
import { knownLibrary } from '../services/halls'

export interface SummedClass extends Omit<ListedClass, 'summary' | 'summaryOf'> {
  summary: ClassSummary
}

/** Asked for at once: each is worked out within a moment, and the list shows the rest the next time. */
const mostAtOnce = 60

/** Summaries that were worked out and are not stored yet, by class, version and library. */
const worked = new LRUCache<string, ClassSummary>({ max: 2000 })

interface Summing {
  listed: ListedClass[]
  /** Of a class, what its summary has to be of. */
  keyOf: (listing: Pick<ListedClass, 'id' | 'version'>) => string
  made: Map<string, ClassSummary>
}

/** Classes of a stretch of time, and summaries of those whose stored one is of an earlier class or library. */
async function summed(from: Date, until: Date): Promise<Summing> {
  const { listed, known, texts, keyOf } = await inTheHall(async (hall) => {
    const known = await knownLibrary(hall)
    const listed = await classesBetween(hall, from, until)
    const keyOf: Summing['keyOf'] = ({ id, version }) => `${hall.hallId}/${id}/${version}/${known.key}`
    const stale = listed.filter((listing) => listing.summaryOf !== keyOf(listing) && !worked.has(keyOf(listing))).slice(0, mostAtOnce)
    return {
      known,
      listed,
      keyOf,
      texts: await classTexts(
        hall,
        stale.map(({ id }) => id),
      ),
    }
  })
  if (texts.length > 0) {
    const input = `[${texts.map(({ id, text }) => `{"id":${JSON.stringify(id)},"document":${text}}`).join()}]`
    const versions = new Map(texts.map(({ id, version }) => [id, version]))
    for (const { id, summary } of JSON.parse(await runJob('summaries', input, known)) as { id: string; summary: ClassSummary }[])
      worked.set(keyOf({ id, version: versions.get(id)! }), summary)
  }
  const made = new Map(
    listed.flatMap((listing): [string, ClassSummary][] =>
      listing.summaryOf !== keyOf(listing) && worked.has(keyOf(listing)) ? [[listing.id, worked.get(keyOf(listing))!]] : [],
    ),
  )
  return { listed, keyOf, made }
}

/**
 * Classes of a stretch of time with what lists show of them: as it stands stored with them, or, where the class or the hall's
 * library has changed since, computed anew.
 */
export async function classList(from: Date, until: Date): Promise<SummedClass[]> {
  const { listed, made } = await summed(from, until)
  return listed.flatMap(({ summary, summaryOf: _, ...listing }) => {
    const shown = made.get(listing.id) ?? (summary as ClassSummary | null)
    return shown ? [{ ...listing, summary: shown }] : []
  })
}

/** Stores with the classes of a stretch of time what lists show of them, where that has changed. */
export async function storeSummaries(from: Date, until: Date): Promise<void> {
  const { listed, made, keyOf } = await summed(from, until)
  for (const listing of listed) {
    const summary = made.get(listing.id)
    if (summary) await inTheHall((hall) => keepSummary(hall, listing.id, listing.version, JSON.stringify(summary), keyOf(listing)))
  }
}

/** The hall's other classes that may go on at the same time as one, as it has to know them. */
export async function othersBeside(stored: StoredClass): Promise<OtherClass[]> {
  const { texts, known } = await inTheHall(async (hall) => ({
    texts: await classTexts(hall, await classesBeside(hall, stored)),
    known: await knownLibrary(hall),
  }))
  if (texts.length === 0) return []
  const input = `[${texts.map(({ id, text }) => `{"id":${JSON.stringify(id)},"document":${text}}`).join()}]`
  return JSON.parse(await runJob('others', input, known)) as OtherClass[]
}
