import { dayKey, momentAt, plusDays, timeKey } from '../base/calendar/zoned'
import { limits } from '../base/limits'
import type { ClassDocument } from './class-document'

/** The class so many weeks on, at the same time of the hall's day, with the people and all that was planned. */
export const againIn = (document: ClassDocument, weeks: number, zone: string): ClassDocument => ({
  ...document,
  startsAt: momentAt(plusDays(dayKey(document.startsAt, zone), 7 * weeks), timeKey(document.startsAt, zone), zone).toISOString(),
})

/** The class a second time at the same time, under a name that tells it apart. */
export const duplicateOf = (document: ClassDocument): ClassDocument => ({
  ...document,
  name: `${document.name.slice(0, limits.nameLength - 5)} copy`,
})

/** What of a class is its people's and its day's; all else is what a series has in common. */
const own = ['startsAt', 'here', 'walkIns', 'fromHome', 'headCount', 'arranged', 'sizes', 'options', 'demonstrators', 'wishes'] as const

/** A class of a series as another of it is planned, with its own day and people. */
export function plannedLike(document: ClassDocument, like: ClassDocument): ClassDocument {
  const kept = Object.fromEntries(own.flatMap((key) => (document[key] === undefined ? [] : [[key, document[key]]])))
  const common = Object.fromEntries(Object.entries(like).filter(([key]) => !(own as readonly string[]).includes(key)))
  return { ...common, ...kept } as ClassDocument
}
