import { useSortable } from '@dnd-kit/sortable'
import { useEffect, useRef, useState } from 'react'
import { formOf } from '@core/library/form'
import type { Use } from '@core/plan/plan'
import { itemLine, type ReadItem } from '@core/search/read-item'
import { FormFigure } from '../../../kit/FormFigure'
import { useTaken } from '../../../kit/unsaved'
import { AddToHall } from '../../shared/AddToHall'
import { useHall } from '../../shared/context'
import kit from '../../../kit/kit.module.css'
import styles from './list.module.css'

interface ListLineProps {
  id: string
  /** The item that stands here; none on the line to write on. */
  use: Use | undefined
  number: number
  /** Whether the rungs of a ladder say how many. */
  rungs: boolean
  /** What it is at each lap or time, where that differs. */
  differs: string
  read: (text: string, before?: Use) => ReadItem | { missed: string } | undefined
  onBegin: () => void
  onItem: (use: Use) => void
  onNext: () => void
  /** Puts lines in from here on, and gives back those that name nothing known. */
  onPaste: (lines: string[]) => string[]
  onRemove: () => void
  /** Removes it, and goes on at the line before. */
  onBack: () => void
  onOpen: (useId: string) => void
}

/** One line of a list. What is written counts at once where it names an exercise, and with Enter where it only resembles one. */
export function ListLine({
  id,
  use,
  number,
  rungs,
  differs,
  read,
  onBegin,
  onItem,
  onNext,
  onPaste,
  onRemove,
  onBack,
  onOpen,
}: ListLineProps) {
  const { library } = useHall()
  const exercise = library.exercises.find((known) => known.id === use?.exerciseId)
  const shown = use ? itemLine(use, exercise, rungs) : ''
  const [text, setText] = useState(shown)
  const [focused, setFocused] = useState(false)
  const [adding, setAdding] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  const drag = useSortable({ id: use?.id ?? `new-${id}`, disabled: !use })
  // Undo or the details changed the item: show it, unless somebody writes here.
  useEffect(() => {
    if (!focused) setText(shown)
    // oxlint-disable-next-line react/exhaustive-deps -- only an outside change counts
  }, [shown])
  const written = text.trim()
  const reading = written === '' || written === shown ? undefined : read(written, use)
  const missed = reading && 'missed' in reading ? reading.missed : undefined
  const guess = reading && 'use' in reading && !reading.sure ? reading : undefined
  useTaken(missed === undefined)
  const write = (next: string) => {
    setText(next)
    const now = use && read(next.trim(), use)
    if (now && 'use' in now && now.sure) onItem(now.use)
  }
  /** Takes what is written as what it resembles most. */
  const take = (): boolean => {
    if (written === '' || written === shown) return true
    const now = read(written, use)
    if (!now || !('use' in now)) return false
    onItem(now.use)
    setText(use ? itemLine(now.use, now.exercise, rungs) : '')
    return true
  }
  const style = drag.transform ? { transform: `translateY(${drag.transform.y}px)`, transition: drag.transition } : undefined
  const form = exercise && formOf(exercise, use?.optionId)
  return (
    <div ref={drag.setNodeRef} className={styles.line} style={style}>
      {use ? (
        <button
          type="button"
          className={styles.handle}
          {...drag.attributes}
          {...drag.listeners}
          aria-label={`Item ${number}: drag to another place`}
        >
          {number}
        </button>
      ) : (
        <span className={styles.handle} aria-hidden>
          +
        </span>
      )}
      <span className={styles.picture}>{form?.figure && <FormFigure form={form} />}</span>
      <input
        ref={input}
        id={id}
        className={styles.field}
        aria-label={use ? `Item ${number}` : 'New item'}
        aria-invalid={missed !== undefined}
        placeholder={use ? undefined : number > 1 ? 'another' : rungs ? 'squats' : '12 squats'}
        value={text}
        autoComplete="off"
        onFocus={() => {
          setFocused(true)
          onBegin()
        }}
        onBlur={({ currentTarget, relatedTarget }) => {
          setFocused(false)
          if (written !== '' || !use) take()
          // What else stands on the line goes with it.
          else if (currentTarget.parentElement!.contains(relatedTarget)) onBack()
          else onRemove()
        }}
        onChange={(event) => write(event.currentTarget.value)}
        onPaste={(event) => {
          const lines = event.clipboardData
            .getData('text')
            .split(/\r?\n/)
            .filter((line) => line.trim() !== '')
          if (lines.length < 2) return
          event.preventDefault()
          // What stands here stays, after the lines that are read.
          setText(onPaste(lines).join('; ') || shown)
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            if (missed !== undefined) setAdding(true)
            else if (written !== '' && take()) onNext()
          } else if (event.key === 'Backspace' && text === '' && use) {
            event.preventDefault()
            onBack()
          } else if (event.key === 'Escape') setText(shown)
        }}
      />
      {use && (
        <button type="button" className={styles.more} onClick={() => onOpen(use.id)} aria-label={`Details of item ${number}`}>
          ⋯
        </button>
      )}
      {differs !== '' && <span className={`second ${styles.hint}`}>{differs}</span>}
      {guess && focused && (
        <span className={`second ${styles.hint}`} role="status">
          Enter takes {itemLine(guess.use, guess.exercise, rungs)}
        </span>
      )}
      {missed !== undefined && (
        <span className={styles.hint} role="alert">
          <button type="button" className={kit.linkButton} onMouseDown={(event) => event.preventDefault()} onClick={() => setAdding(true)}>
            None like that: add “{missed}”
          </button>
        </span>
      )}
      <AddToHall
        name={adding ? missed : undefined}
        onDone={() => {
          setAdding(false)
          input.current?.focus()
        }}
      />
    </div>
  )
}
