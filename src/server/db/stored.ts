import { LRUCache } from 'lru-cache'
import { ClassDocument } from '../../core/class/class-document'
import { Exercise } from '../../core/library/exercise'
import { HallSettings } from '../../core/library/hall-settings'
import { GearKind } from '../../core/library/gear-kind'
import { Person } from '../../core/library/person'
import { Room } from '../../core/library/room'
import { planFormats } from '../../core/plan/formats'
import { Plan } from '../../core/plan/plan'
import type { Result } from '../../core/base/result'
import { snapshotKind } from '../../core/run/room/snapshot-schema'
import { readStored, type DocumentKind } from '../../core/base/stored'
import { Refused } from '../refused'

const first = <Document>(what: string, schema: DocumentKind<Document>['schema']): DocumentKind<Document> => ({ what, schema, forward: [] })

/** Every kind of document that is stored as JSON. A new format of one adds the step that brings the format before it forward. */
export const kinds = {
  class: {
    ...first('class', ClassDocument as unknown as DocumentKind<ClassDocument>['schema']),
    forward: planFormats.map((step) => (earlier) => {
      const document = earlier as { plan: unknown }
      return { ...document, plan: step(document.plan) }
    }),
  } satisfies DocumentKind<ClassDocument>,
  plan: { ...first('plan', Plan as unknown as DocumentKind<Plan>['schema']), forward: planFormats },
  person: first('person', Person as unknown as DocumentKind<Person>['schema']),
  exercise: first('exercise', Exercise as unknown as DocumentKind<Exercise>['schema']),
  gear: first('kind of gear', GearKind as unknown as DocumentKind<GearKind>['schema']),
  room: first('room', Room as unknown as DocumentKind<Room>['schema']),
  figures: first('hall’s figures', HallSettings as unknown as DocumentKind<HallSettings>['schema']),
  snapshot: snapshotKind,
}

interface StoredRow {
  document: unknown
  format: number
}

/** The row's document; refused with 422 and the field where it cannot be read. It stays stored as it is, and can be exported. */
export function readRow<Document>(kind: DocumentKind<Document>, row: StoredRow): Document {
  const found = readStored(kind, row.format, row.document)
  if (!found.ok) throw new Refused('invalid', found.problems)
  return found.value
}

/** What could not be read: kept, and named, so that it can be exported and mended. */
export interface Unreadable {
  id: string
  name: string
  why: string
}

/** The rows that can be read, in their order, and those that cannot. */
export function readRows<Document, Row extends StoredRow & { id: string; name: string }>(
  kind: DocumentKind<Document>,
  rows: readonly Row[],
): { readable: { row: Row; document: Document }[]; unreadable: Unreadable[] } {
  const readable: { row: Row; document: Document }[] = []
  const unreadable: Unreadable[] = []
  for (const row of rows) {
    const found: Result<Document> = readStored(kind, row.format, row.document)
    if (found.ok) readable.push({ row, document: found.value })
    else unreadable.push({ id: row.id, name: row.name, why: found.problems[0]!.message })
  }
  return { readable, unreadable }
}

/** What has been read already, by what it is and its version: reading anew costs milliseconds each time. */
export function remembered<Value extends object>(most: number): (key: string, find: () => Promise<Value>) => Promise<Value> {
  const cache = new LRUCache<string, Value>({ max: most })
  return async (key, find) => {
    const known = cache.get(key)
    if (known) return known
    const found = await find()
    cache.set(key, found)
    return found
  }
}
