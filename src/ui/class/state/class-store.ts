import { produce } from 'immer'
import { temporal } from 'zundo'
import { create } from 'zustand'
import type { ClassDocument } from '@core/class/class-document'

interface ClassState {
  document: ClassDocument
  /** Applies a change; each is one step of undo. */
  change: (recipe: (draft: ClassDocument) => void) => void
  /** Takes a document from outside as the present one. */
  replace: (document: ClassDocument) => void
  /** The same as part of the step before: a figure that is typed is one step of undo, not one for each key. */
  amend: (document: ClassDocument) => void
}

/** The class being edited, with its whole history of changes. The document in it is always one that can be saved. */
export function createClassStore(document: ClassDocument) {
  const store = create<ClassState>()(
    temporal(
      (set) => ({
        document,
        change: (recipe) => set((state) => ({ document: produce(state.document, recipe) })),
        replace: (next) => set({ document: next }),
        amend: (next) => {
          const { pause, resume } = store.temporal.getState()
          pause()
          set({ document: next })
          resume()
        },
      }),
      { partialize: ({ document: kept }) => ({ document: kept }), equality: (past, present) => past.document === present.document },
    ),
  )
  return store
}

export type ClassStore = ReturnType<typeof createClassStore>
