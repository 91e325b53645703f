import type { NewId } from '../plan/edit/make'
import type { Starter } from '../plan/edit/use'
import type { InText } from './heard'

/** What a plan is made of what was said with. */
export interface Makings {
  exercises: readonly Starter[]
  newId: NewId
  /** Tells what was understood, and why it cannot be in the plan. */
  refuse: (place: InText, why: string) => void
}
