import { produce } from 'immer'
import { createContext, useContext } from 'react'
import type { ComputedClass, HallLibrary } from '@core/class/compute'
import type { OtherClass } from '@core/class/overlap'
import type { ClassDocument } from '@core/class/class-document'
import type { Room } from '@core/library/room'
import { Plan, type Circuit, type Piece } from '@core/plan/plan'
import { read } from '@core/base/read'
import { tidyPlan } from '@core/plan/edit/tidy'
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
  /** Stores the class and opens a run of it. */
  run: () => Promise<void>
  /** Stores the class; answers with the version that it is stored as, or nothing where that failed. */
  storeNow: () => Promise<number | undefined>
  change: (recipe: (draft: ClassDocument) => void) => void
}

const Context = createContext<ClassContext | undefined>(undefined)

export const ClassProvider = Context.Provider

/** What stays while the class is edited: who needs no more is not laid out anew with every key. */
export type HallContext = Pick<ClassContext, 'library'> & {
  /** Where the library is asked for: asked again, it is as it is now. */
  source: string
}

const Hall = createContext<HallContext | undefined>(undefined)

export const HallProvider = Hall.Provider

/** The hall that the class is in. */
export function useHall(): HallContext {
  const hall = useContext(Hall)
  if (!hall) throw new Error('outside of a class')
  return hall
}

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
  /** Takes the plan, or says why it cannot be; `amends`, as part of the step of undo before it. */
  tryPlan: (plan: Plan, amends?: boolean) => string | undefined
  editPiece: <P extends Piece>(piece: P, recipe: (draft: P) => void) => void
}

export function usePlanEdits(): PlanEdits {
  const { store } = useClass()
  const tryPlan = (next: Plan, amends = false): string | undefined => {
    const tidied = tidyPlan(next)
    const checked = read(Plan, tidied)
    if (!checked.ok) return checked.problems[0]?.message ?? 'That makes no plan.'
    const state = store.getState()
    state[amends ? 'amend' : 'replace']({ ...state.document, plan: tidied })
    return undefined
  }
  const setPlan = (next: Plan) => {
    const wrong = tryPlan(next)
    if (wrong !== undefined) tellProblem(new Error(wrong))
  }
  const editPlan = (recipe: (draft: Plan) => void) => setPlan(produce(store.getState().document.plan, recipe))
  const editPiece = <P extends Piece>(piece: P, recipe: (draft: P) => void) =>
    editPlan((draft) => {
      const found = draft.parts.flatMap((part) => part.pieces).find((known) => known.id === piece.id)
      if (found) recipe(found as P)
    })
  return { editPlan, setPlan, tryPlan, editPiece }
}

export type EditCircuit = (recipe: (draft: Circuit) => void) => void
