import { createContext, useContext } from 'react'
import type { ComputedClass, HallLibrary } from '@core/class/compute'
import type { ClassDocument } from '@core/hall/class-document'
import type { Room } from '@core/hall/room'
import type { ClassStore } from './class-store'

export interface ClassContext {
  id: string
  document: ClassDocument
  computed: ComputedClass
  library: HallLibrary
  rooms: Room[]
  zone: string
  store: ClassStore
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
