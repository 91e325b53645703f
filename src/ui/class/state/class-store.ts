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
}

/** The class being edited, with its whole history of changes. The document in it is always one that can be saved. */
export const createClassStore = (document: ClassDocument) =>
  create<ClassState>()(
    temporal(
      (set) => ({
        document,
        change: (recipe) => set((state) => ({ document: produce(state.document, recipe) })),
        replace: (next) => set({ document: next }),
      }),
      { partialize: ({ document: kept }) => ({ document: kept }), equality: (past, present) => past.document === present.document },
    ),
  )

export type ClassStore = ReturnType<typeof createClassStore>
