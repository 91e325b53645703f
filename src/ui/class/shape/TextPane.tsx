import { nanoid } from 'nanoid'
import { useState } from 'react'
import { keepIds } from '@core/text/keep-ids'
import { planText } from '@core/text/print'
import { readText } from '@core/text/read'
import { onDemand } from '../../kit/on-demand'
import { ClassText } from '../../text/ClassText'
import { withWords } from '../../text/in-text'
import { Missed } from '../../text/Missed'
import { useClass, useHall, usePlanEdits } from '../shared/context'
import kit from '../../kit/kit.module.css'

const AddExercise = onDemand(async () => (await import('../../kit/AddExercise')).AddExercise)
const newId = () => nanoid(10)

/** How long one types without a rest before undo takes it back in one. */
const stepMs = 1000

/**
 * The whole class as text, to be changed as text: lines that stay keep all that is said of them elsewhere. Undo is the class's own.
 */
export function TextPane() {
  const { document, store } = useClass()
  const { library, source } = useHall()
  const { tryPlan } = usePlanEdits()
  const { exercises } = library
  const [typed, setTyped] = useState({ text: planText(document.plan, exercises), plan: document.plan, at: 0 })
  const [wrong, setWrong] = useState<string>()
  const [adding, setAdding] = useState<string>()
  // Undone, or changed elsewhere: the text is the class as it is now.
  if (typed.plan !== document.plan) {
    setTyped({ text: planText(document.plan, exercises), plan: document.plan, at: 0 })
    setWrong(undefined)
  }
  const reading = readText(typed.text, exercises, newId)
  const change = (text: string) => {
    const before = store.getState().document.plan
    const problem = tryPlan(keepIds(before, readText(text, exercises, newId).plan), Date.now() - typed.at < stepMs)
    setWrong(problem)
    setTyped({ text, plan: store.getState().document.plan, at: problem === undefined ? Date.now() : 0 })
  }
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
        onAdd={setAdding}
        onWords={(place, words) => change(withWords(typed.text, place, words))}
      />
      {adding !== undefined && (
        <AddExercise
          opened
          name={adding}
          gear={library.gear}
          source={source}
          onClose={() => setAdding(undefined)}
          onAdded={() => setAdding(undefined)}
        />
      )}
    </section>
  )
}
