import { useRef } from 'react'
import type { Plan } from '@core/plan/plan'
import { useClass, usePlanEdits } from '../../shared/context'

interface Typing {
  slot: string
  /** The plan as it was when the typing began. */
  from: Plan
  /** The plan as the typing has left it. */
  last: Plan
}

export interface PlanTyping {
  begin: (slot: string) => void
  /** Takes the change, or says why it cannot be; what is pressed, not typed, has no slot (`''`). */
  set: (slot: string, change: (plan: Plan) => Plan) => string | undefined
}

/**
 * Changes of the plan from the slots of a sentence. What is typed in a slot changes the plan as it was when the typing began: on the
 * way from "8" to "12" a circuit has one station for a moment, and its exercises are there again with the second key. All of it is
 * one step of undo.
 */
export function usePlanTyping(): PlanTyping {
  const { store } = useClass()
  const { tryPlan } = usePlanEdits()
  const typing = useRef<Typing>(undefined)
  const now = () => store.getState().document.plan
  return {
    begin: (slot) => void (typing.current = { slot, from: now(), last: now() }),
    set: (slot, change) => {
      const at = typing.current
      const goesOn = slot !== '' && at?.slot === slot && at.last === now()
      const from = goesOn ? at.from : now()
      const wrong = tryPlan(change(from), goesOn && at.from !== at.last)
      typing.current = { slot, from, last: now() }
      return wrong
    },
  }
}
