import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Draft, DraftStore } from './class-saver'

interface Schema extends DBSchema {
  drafts: { key: [classId: string, pageId: string]; value: Draft; indexes: { byClass: string } }
}

let opened: Promise<IDBPDatabase<Schema>> | undefined

const database = () =>
  (opened ??= openDB<Schema>('vicinor', 1, {
    upgrade: (db) => void db.createObjectStore('drafts', { keyPath: ['classId', 'pageId'] }).createIndex('byClass', 'classId'),
  }))

/** Drafts of classes in this browser. Where it keeps nothing, as in some private windows, they live with the page. */
export const draftStore: DraftStore & { find: (draft: Pick<Draft, 'classId' | 'pageId'>) => Promise<Draft | undefined> } = {
  find: async ({ classId, pageId }) => (await database()).get('drafts', [classId, pageId]),
  keep: async (draft) => void (await (await database()).put('drafts', draft)),
  drop: async ({ classId, pageId }) => (await database()).delete('drafts', [classId, pageId]),
}

/** A window that is open keeps its draft fresh; one that has not been for so long is gone. */
const goneMs = 8000

/**
 * What was edited on this device and left behind, the latest first; and when to look again, where somebody may still be editing,
 * or may have crashed just now.
 */
export async function leftBehind(classId: string, now: number): Promise<{ drafts: Draft[]; againMs?: number }> {
  try {
    const drafts = await (await database()).getAllFromIndex('drafts', 'byClass', classId)
    const gone = drafts.filter(({ at }) => now - at > goneMs).sort((a, b) => b.at - a.at)
    return { drafts: gone, ...(gone.length < drafts.length && { againMs: goneMs }) }
  } catch {
    return { drafts: [] }
  }
}
