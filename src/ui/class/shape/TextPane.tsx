import { nanoid } from 'nanoid'
import { useState } from 'react'
import type { Plan } from '@core/plan/plan'
import { keepIds } from '@core/text/keep-ids'
import { planText } from '@core/text/print'
import { readText, type TextReading } from '@core/text/read'
import { ClassText } from '../../text/ClassText'
import { withWords } from '../../text/in-text'
import { Missed } from '../../text/Missed'
import { useMissedName } from '../../text/use-missed-name'
import { AddToHall } from '../shared/AddToHall'
import { useClass, useHall, usePlanEdits } from '../shared/context'
import kit from '../../kit/kit.module.css'

const newId = () => nanoid(10)

/** How long one types without a rest before undo takes it back in one. */
const stepMs = 1000

/**
 * The whole class as text, to be changed as text: lines that stay keep all that is said of them elsewhere. Undo is the class's own.
 */
export function TextPane() {
  const { document, store } = useClass()
  const { exercises } = useHall().library
  const { tryPlan } = usePlanEdits()
  /** A text as it is read, the plan that it stands for, and when a key last changed it. */
  const typedAs = (text: string, reading: TextReading, plan: Plan, at: number) => ({ text, reading, plan, at })
  const printed = (plan: Plan) => {
    const text = planText(plan, exercises)
    return typedAs(text, readText(text, exercises, newId), plan, 0)
  }
  const [typed, setTyped] = useState(() => printed(document.plan))
  const [wrong, setWrong] = useState<string>()
  // Undone, or changed elsewhere: the text is the class as it is now.
  if (typed.plan !== document.plan) {
    setTyped(printed(document.plan))
    setWrong(undefined)
  }
  const { reading } = typed
  const change = (text: string) => {
    const before = store.getState().document.plan
    const reading = readText(text, exercises, newId)
    const problem = tryPlan(keepIds(before, reading.plan), Date.now() - typed.at < stepMs)
    setWrong(problem)
    setTyped(typedAs(text, reading, store.getState().document.plan, problem === undefined ? Date.now() : 0))
  }
  const { adding, onAdd } = useMissedName(typed.text, exercises, change)
  return (
    <section aria-label="The class as text">
      <ClassText
        text={typed.text}
        onChange={change}
        reading={reading}
        exercises={exercises}
        onUndo={(again) => store.temporal.getState()[again ? 'redo' : 'undo']()}
      />
      {wrong !== undefined && <p className={kit.mend}>{wrong}</p>}
      <Missed
        reading={reading}
        exercises={exercises}
        onAdd={onAdd}
        onWords={(place, words) => change(withWords(typed.text, place, words))}
      />
      <AddToHall {...adding} />
    </section>
  )
}
