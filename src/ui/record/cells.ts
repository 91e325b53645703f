import { useState } from 'react'
import { readOutcome } from '@core/results/read-outcome'
import { ApiError } from '../kit/api'
import { tellProblem } from '../kit/notice'
import { cellKey, columnKey, type Column, type Sheet, type Wanted } from './use-sheet'

/** Whose cell it is: one person's, or a pair's or group's that did it as one. */
export interface RowOf {
  key: string
  name: string
  personIds: string[]
}

interface Typed {
  text: string
  problem?: string
}

/** What is typed into the sheet and not stored yet, cell by cell: nothing of it is lost while it cannot be read or stored. */
export function useCells({ sheet, resultOf, put }: Sheet, standards: Readonly<Record<string, string>>) {
  const [typed, setTyped] = useState<Readonly<Record<string, Typed>>>({})
  const keyOf = (column: Column, row: RowOf) => cellKey(column, row.key)
  const wordsOf = (column: Column, row: RowOf) => resultOf(column, row.personIds[0]!)?.words ?? ''
  /** What has been typed there meanwhile stays. */
  const forget = (stored: ReadonlyMap<string, string>) =>
    setTyped((now) => Object.fromEntries(Object.entries(now).filter(([key, { text }]) => stored.get(key) !== text)))
  const store = async (cells: readonly { column: Column; row: RowOf; text: string }[]) => {
    const read = cells.map((cell) => ({
      ...cell,
      key: keyOf(cell.column, cell.row),
      result: readOutcome(cell.text, cell.column.measure, sheet.unit),
    }))
    setTyped((now) => ({
      ...now,
      ...Object.fromEntries(
        read.map(({ key, text, result }) => [key, result.ok ? { text } : { text, problem: result.problems[0]!.message }]),
      ),
    }))
    const wanted = read.map(({ column, row, text, result }): Wanted[] => {
      if (!result.ok || text.trim() === wordsOf(column, row)) return []
      const standard = standards[columnKey(column)]
      const outcome = result.value && { ...result.value, ...(standard && { standard }) }
      return row.personIds.map((personId) => ({ column, personId, outcome }))
    })
    const readable = new Map(read.flatMap(({ key, text, result }) => (result.ok ? [[key, text]] : [])))
    try {
      // What a pair or group did as one is an entry of its own; all the others are put down at once.
      const alone = wanted.filter((some) => some.length === 1).flat()
      if (alone.length > 0) await put(alone)
      for (const some of wanted) if (some.length > 1) await put(some, true)
      forget(readable)
    } catch (error) {
      tellProblem(error as Error)
      if (error instanceof ApiError)
        setTyped((now) => ({
          ...now,
          ...Object.fromEntries([...readable].map(([key, text]) => [key, { text: now[key]?.text ?? text, problem: error.message }])),
        }))
    }
  }
  return {
    textOf: (column: Column, row: RowOf) => typed[keyOf(column, row)]?.text ?? wordsOf(column, row),
    problemOf: (column: Column, row: RowOf) => typed[keyOf(column, row)]?.problem,
    type: (column: Column, row: RowOf, text: string) => setTyped((now) => ({ ...now, [keyOf(column, row)]: { text } })),
    store,
    giveUp: (column: Column, row: RowOf) => setTyped(({ [keyOf(column, row)]: _, ...others }) => others),
    unstored: Object.keys(typed).length > 0,
  }
}

export type Cells = ReturnType<typeof useCells>
