import type { ClassSummary } from '../../core/class/summary'
import type { OtherClass } from '../../core/gear/overlap'
import { inTheHall } from '../db/in-hall'
import { runJob } from '../jobs/pool'
import { classesBeside, classesBetween, classTexts, keepSummary, type ListedClass, type StoredClass } from '../services/classes'
import { knownLibrary } from '../services/halls'

export interface SummedClass extends Omit<ListedClass, 'summary' | 'summaryOf'> {
  summary: ClassSummary
}

/** Asked for at once: each is worked out within a moment, and the list shows the rest the next time. */
const mostAtOnce = 60

/**
 * Classes of a stretch of time with what lists show of them: as it was computed and stored with them, or, where the class or the hall's library has changed since, computed anew
 * and stored.
 */
export async function classList(from: Date, until: Date): Promise<SummedClass[]> {
  const { listed, known, texts, ofNow } = await inTheHall(async (hall) => {
    const known = await knownLibrary(hall)
    const listed = await classesBetween(hall, from, until)
    const ofNow = ({ version }: Pick<ListedClass, 'version'>) => `${version}/${known.key}`
    const stale = listed.filter((each) => each.summaryOf !== ofNow(each)).slice(0, mostAtOnce)
    return { known, listed, ofNow, texts: await classTexts(hall, stale.map(({ id }) => id)) }
  })
  const made = new Map<string, ClassSummary>()
  if (texts.length > 0) {
    const input = `[${texts.map(({ id, text }) => `{"id":${JSON.stringify(id)},"document":${text}}`).join()}]`
    for (const { id, summary } of JSON.parse(await runJob('summaries', input, known)) as { id: string; summary: ClassSummary }[]) made.set(id, summary)
    await inTheHall(async (hall) => {
      for (const { id, version } of texts) if (made.has(id)) await keepSummary(hall, id, version, JSON.stringify(made.get(id)), ofNow({ version }))
    })
  }
  return listed.flatMap(({ summary, summaryOf: _, ...listing }) => {
    const shown = made.get(listing.id) ?? (summary as ClassSummary | null)
    return shown ? [{ ...listing, summary: shown }] : []
  })
}

/** The hall's other classes that may go on at the same time as one, as it has to know them. */
export async function othersBeside(stored: StoredClass): Promise<OtherClass[]> {
  const { texts, known } = await inTheHall(async (hall) => ({ texts: await classTexts(hall, await classesBeside(hall, stored)), known: await knownLibrary(hall) }))
  if (texts.length === 0) return []
  const input = `[${texts.map(({ id, text }) => `{"id":${JSON.stringify(id)},"document":${text}}`).join()}]`
  return JSON.parse(await runJob('others', input, known)) as OtherClass[]
}
