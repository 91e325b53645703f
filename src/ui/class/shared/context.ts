import { produce } from 'immer'
import { createContext, useContext } from 'react'
import type { ComputedClass, HallLibrary } from '@core/class/compute'
import type { OtherClass } from '@core/class/overlap'
import type { ClassDocument } from '@core/class/class-document'
import type { Room } from '@core/library/room'
import { Plan, type Circuit, type Piece } from '@core/plan/plan'
import { read } from '@core/base/read'
import { tidyPlan } from '@core/plan/edit/tidy'
import type { ExerciseSearch } from '@core/search/exercises'
import { tellProblem } from '../../kit/notice'
import type { ClassStore } from '../state/class-store'

export interface ClassContext {
  id: string
  document: ClassDocument
  computed: ComputedClass
  library: HallLibrary
  rooms: Room[]
  zone: string
  /** The hall's other classes round this one's time. */
  others: readonly OtherClass[]
  store: ClassStore
  search: ExerciseSearch
  /** Stores the class and opens a run of it. */
  run: () => Promise<void>
  change: (recipe: (draft: ClassDocument) => void) => void
}

const Context = createContext<ClassContext | undefined>(undefined)

export const ClassProvider = Context.Provider

/** The class that the view stands in. */
export function useClass(): ClassContext {
  const context = useContext(Context)
  if (!context) throw new Error('outside of a class')
  return context
}

export interface PlanEdits {
  /** Changes the plan; what the change makes meaningless goes with it, and what would make no sense is told instead. One step of undo. */
  editPlan: (recipe: (draft: Plan) => void) => void
  setPlan: (plan: Plan) => void
  editPiece: <P extends Piece>(piece: P, recipe: (draft: P) => void) => void
}

export function usePlanEdits(): PlanEdits {
  const { document, store } = useClass()
  const setPlan = (next: Plan) => {
    const tidied = tidyPlan(next)
    const checked = read(Plan, tidied)
    if (!checked.ok) return tellProblem(new Error(checked.problems[0]?.message))
    store.getState().replace({ ...store.getState().document, plan: tidied })
  }
  const editPlan = (recipe: (draft: Plan) => void) => setPlan(produce(document.plan, recipe))
  const editPiece = <P extends Piece>(piece: P, recipe: (draft: P) => void) =>
    editPlan((draft) => {
      const found = draft.parts.flatMap((part) => part.pieces).find((known) => known.id === piece.id)
      if (found) recipe(found as P)
    })
  return { editPlan, setPlan, editPiece }
}

export type EditCircuit = (recipe: (draft: Circuit) => void) => void
