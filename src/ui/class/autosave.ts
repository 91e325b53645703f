import { useCallback, useEffect, useRef, useState } from 'react'
import { useStore } from 'zustand'
import type { ClassDocument } from '@core/hall/class-document'
import { api, ApiError } from '../kit/api'
import type { ClassStore } from './class-store'

export interface StoredClass {
  id: string
  version: number
  document: ClassDocument
  updatedAt: string
}

export type SaveState =
  | { is: 'saved'; at: string }
  | { is: 'saving' }
  /** Not stored yet; it is tried again by itself. */
  | { is: 'waiting'; why: string }
  /** Refused for what it says; the next change tries again. */
  | { is: 'refused'; why: string }
  | { is: 'conflict'; theirs: StoredClass }

const pauseMs = 400
const retryMs = 3000
/** A browser lets a request outlive its page only while the body is small. */
const keepaliveBytes = 60_000

interface Keeping {
  version: number
  stored: ClassDocument
  timer?: ReturnType<typeof setTimeout>
  sending?: Promise<boolean> | undefined
}

/**
 * Keeps the stored class equal to the edited one: soon after each change, again after a lost connection, and at once
 * when the page is left. A class that was changed elsewhere is never written over unasked.
 */
export function useAutosave(store: ClassStore, initial: StoredClass) {
  const document = useStore(store, (state) => state.document)
  const [save, setSave] = useState<SaveState>({ is: 'saved', at: initial.updatedAt })
  const keeping = useRef<Keeping>({ version: initial.version, stored: initial.document })
  const conflict = save.is === 'conflict'

  /** Stores what is edited; tells whether all of it is stored. */
  const saveNow = useCallback(async (): Promise<boolean> => {
    const keep = keeping.current
    const put = async (): Promise<boolean> => {
      const sent = store.getState().document
      const body = { version: keep.version, document: sent }
      setSave({ is: 'saving' })
      try {
        const keepalive = JSON.stringify(body).length < keepaliveBytes
        const answer = await api<StoredClass>('PUT', `/api/classes/${initial.id}`, body, { keepalive })
        keep.version = answer.version
        keep.stored = sent
        setSave({ is: 'saved', at: answer.updatedAt })
        return true
      } catch (error) {
        if (!(error instanceof ApiError)) throw error
        if (error.status === 409) setSave({ is: 'conflict', theirs: error.body.current as StoredClass })
        else if (error.status === 0 || error.status >= 500) {
          setSave({ is: 'waiting', why: error.message })
          keep.timer = setTimeout(() => void saveNow(), retryMs)
        } else setSave({ is: 'refused', why: error.message })
        return false
      }
    }
    clearTimeout(keep.timer)
    // One write at a time; what changed meanwhile goes with the next.
    while (store.getState().document !== keep.stored) {
      keep.sending ??= put().finally(() => (keep.sending = undefined))
      if (!(await keep.sending)) return false
    }
    return true
  }, [initial.id, store])

  useEffect(() => {
    const keep = keeping.current
    if (document === keep.stored || conflict) return
    clearTimeout(keep.timer)
    keep.timer = setTimeout(() => void saveNow(), pauseMs)
  }, [document, conflict, saveNow])

  useEffect(() => {
    const leave = (event: BeforeUnloadEvent) => {
      if (store.getState().document === keeping.current.stored) return
      void saveNow()
      event.preventDefault()
    }
    addEventListener('beforeunload', leave)
    return () => removeEventListener('beforeunload', leave)
  }, [saveNow, store])

  /** Ends a conflict: with `theirs`, ours can be had back by undo; with `mine`, theirs is written over. */
  const settle = (choice: 'theirs' | 'mine') => {
    if (save.is !== 'conflict') return
    const keep = keeping.current
    keep.version = save.theirs.version
    keep.stored = save.theirs.document
    if (choice === 'theirs') store.getState().replace(save.theirs.document)
    setSave({ is: 'saved', at: save.theirs.updatedAt })
    if (choice === 'mine') void saveNow()
  }

  return { save, settle, saveNow }
}
