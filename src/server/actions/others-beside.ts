import { LRUCache } from 'lru-cache'
import type { OtherClass } from '../../core/class/overlap'
import { inTheHall } from '../db/in-hall'
import { runJob } from '../jobs/pool'
import { classesBeside, classTexts, type StoredClass } from '../services/classes'
import { knownLibrary } from '../services/halls'
import { keysOf, storedClasses } from './class-list'

/** What was worked out of classes, by what it is of: a whole day's stand beside each that is opened. */
const worked = new LRUCache<string, OtherClass>({ max: 2000 })

/** The hall's other classes that may go on at the same time as one, as it has to know them. */
export async function othersBeside(stored: StoredClass): Promise<OtherClass[]> {
  const { near, texts, known, keyOf } = await inTheHall(async (hall) => {
    const known = await knownLibrary(hall)
    const keyOf = keysOf(hall.hallId, known.key)
    const near = (await classesBeside(hall, stored)).map((listing) => ({ id: listing.id, other: worked.get(keyOf(listing)) }))
    const texts = await classTexts(
      hall,
      near.flatMap(({ id, other }) => (other ? [] : [id])),
    )
    return { near, texts, known, keyOf }
  })
  const answer = texts.length > 0 ? await runJob('others', storedClasses(texts), known) : '[]'
  const found = new Map((JSON.parse(answer) as OtherClass[]).map((other) => [other.id, other]))
  for (const text of texts) {
    const other = found.get(text.id)
    if (other) worked.set(keyOf(text), other)
  }
  return near.flatMap(({ id, other = found.get(id) }) => other ?? [])
}
