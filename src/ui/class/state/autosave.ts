import { isEqual } from 'es-toolkit'
import { useCallback, useEffect, useLayoutEffect, useState } from 'react'
import { useStore } from 'zustand'
import { api } from '../../kit/api'
import { ClassSaver, type Draft, type SaveRequest, type SaveState, type LoadedClass } from './class-saver'
import type { ClassStore } from './class-store'
import { draftStore, leftBehind } from './draft-store'
import { sayLeft, sayStored, type Opening } from './opening'

export type { SaveState, LoadedClass } from './class-saver'

/** A line that is half dead neither answers nor fails. */
const patienceMs = 10_000
/** A browser lets a request outlive its page only while the body is small. */
const outlivesBytes = 60_000

const bytesOf = (request: SaveRequest) => new TextEncoder().encode(JSON.stringify(request)).length

const putClass = (id: string) => async (request: SaveRequest, leaving: boolean) => {
  const stored = await api<LoadedClass>('PUT', `/api/classes/${id}`, request, {
    keepalive: leaving && bytesOf(request) < outlivesBytes,
    signal: AbortSignal.timeout(patienceMs),
  })
  sayStored(id, stored.version)
  return stored
}

/**
 * Keeps the stored class equal to the edited one (see ClassSaver), and offers what was left behind on this device.
 * The store begins with what the page before this one was left with.
 */
export function useAutosave(store: ClassStore, { stored: initial, resumed }: Opening) {
  const document = useStore(store, (state) => state.document)
  const [save, setSave] = useState<SaveState>({ is: 'saved', at: initial.updatedAt })
  const [saver] = useState(() => new ClassSaver(initial.id, initial, { put: putClass(initial.id), drafts: draftStore, tell: setSave }))
  const [left, setLeft] = useState<Draft>()

  // Before anything is painted: what is new never stands beside a word that it is saved.
  useLayoutEffect(() => {
    if (resumed) saver.resume(resumed)
  }, [saver, resumed])

  useLayoutEffect(() => saver.edit(document), [saver, document])

  useEffect(() => {
    const hide = () => {
      saver.leave()
      if (!saver.isStored) sayLeft(initial.id, saver.pageId)
    }
    const warn = (event: BeforeUnloadEvent) => {
      if (saver.isStored) return
      void saver.save()
      event.preventDefault()
    }
    addEventListener('pagehide', hide)
    addEventListener('beforeunload', warn)
    return () => {
      removeEventListener('pagehide', hide)
      removeEventListener('beforeunload', warn)
    }
  }, [initial, saver])

  useEffect(() => {
    let gone = false
    let timer: ReturnType<typeof setTimeout>
    // Compared as it would be sent: in what order its fields stand says nothing.
    const isStored = (draft: Draft) => isEqual(JSON.parse(JSON.stringify(draft.document)), initial.document)
    const look = async () => {
      const { drafts: all, againMs } = await leftBehind(initial.id, Date.now())
      if (gone) return
      if (againMs !== undefined) timer = setTimeout(() => void look(), againMs)
      // This window's own is no draft that was left.
      const drafts = all.filter(({ pageId }) => pageId !== saver.pageId)
      const [latest, ...older] = drafts.filter((draft) => {
        if (!isStored(draft)) return true
        void draftStore.drop(draft).catch(() => {})
        return false
      })
      for (const draft of older) void draftStore.drop(draft).catch(() => {})
      if (latest) setLeft(latest)
    }
    void look()
    return () => {
      gone = true
      clearTimeout(timer)
    }
  }, [initial, saver])

  /** Ends a conflict: with `theirs`, ours can be had back by undo; with `mine`, theirs is written over. */
  const settle = (choice: 'theirs' | 'mine') => {
    if (save.is !== 'conflict') return
    saver.settle(save.theirs)
    if (choice === 'theirs') store.getState().replace(save.theirs.document)
    else void saver.save()
  }

  /** Takes up what was left behind on this device (undo brings the stored one back), or lets go of it. */
  const settleLeft = (takeUp: boolean) => {
    if (!left) return
    if (takeUp) store.getState().replace(left.document)
    void draftStore.drop(left).catch(() => {})
    setLeft(undefined)
  }

  const saveNow = useCallback(() => saver.save(), [saver])
  const storedVersion = useCallback(() => saver.version, [saver])
  return { save, settle, saveNow, storedVersion, left, settleLeft }
}
