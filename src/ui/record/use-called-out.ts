import { useState } from 'react'
import { readCalled } from '@core/results/called'
import { spokenOutcome } from '@core/results/words'
import type { Column, Sheet } from './use-sheet'

/** A line that is typed as it is called out: who, and what; it is stored with Enter, and the next can be typed. */
export function useCalledOut({ sheet, put }: Sheet, column: Column, standard: string) {
  const [text, setText] = useState('')
  const [problem, setProblem] = useState<string>()
  const [told, setTold] = useState('')
  const take = async () => {
    const read = readCalled(text, sheet.people, column.measure, sheet.unit)
    if (!read.ok) return setProblem(read.problems[0]!.message)
    const { personId, name, outcome } = read.value
    setProblem(undefined)
    try {
      await put([{ column, personId, outcome: outcome && { ...outcome, ...(standard && { standard }) } }])
      setTold(`${name}: ${outcome ? spokenOutcome(outcome, sheet.unit) : 'taken away'}`)
      setText('')
    } catch (error) {
      // What was typed stays, to be stored again.
      setProblem((error as Error).message)
    }
  }
  const type = (typed: string) => {
    setText(typed)
    if (typed === '') setProblem(undefined)
  }
  return { text, setText: type, problem, told, take: () => (text.trim() === '' ? undefined : void take()) }
}
