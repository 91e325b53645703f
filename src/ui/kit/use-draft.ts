import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import type { Notation } from './notation'
import { useTaken } from './unsaved'

interface DraftOptions<T> {
  value: T | undefined
  notation: Notation<T>
  onChange: (value: T | undefined) => void
  /** Whether the field may be empty: then `undefined` is passed on. */
  optional?: boolean | undefined
}

/**
 * A field's text, kept as it is typed even when it cannot be taken: only what is valid is passed on. Arrow up and down step the
 * value.
 */
export function useDraft<T>({ value, notation, onChange, optional }: DraftOptions<T>) {
  const shown = value === undefined ? '' : notation.show(value)
  const [text, setText] = useState(shown)
  const [focused, setFocused] = useState(false)
  const empty = text.trim() === ''
  const read = empty ? undefined : notation.read(text)
  const valid = empty ? Boolean(optional) : read !== undefined

  useTaken(valid)
  // Undo, redo or another window changed the value: show it, unless somebody is typing here.
  useEffect(() => {
    const typed = text.trim() === '' ? undefined : notation.read(text)
    const same = typed === undefined ? value === undefined && text.trim() === '' : notation.show(typed) === shown
    if (!same && !(focused && typed === undefined)) setText(shown)
    // oxlint-disable-next-line react/exhaustive-deps -- only an outside change of the value counts
  }, [shown])

  const type = (next: string) => {
    setText(next)
    if (next.trim() === '') {
      if (optional && value !== undefined) onChange(undefined)
      return
    }
    const taken = notation.read(next)
    if (taken !== undefined && notation.show(taken) !== shown) onChange(taken)
  }

  const field = useRef<HTMLInputElement>(null)
  // What was typed before the page came to life counts too.
  useEffect(() => {
    if (field.current && field.current.value !== shown) type(field.current.value)
    // oxlint-disable-next-line react/exhaustive-deps -- once
  }, [])

  return {
    text,
    empty,
    /** What is allowed, where the text is none of it. */
    wrong: valid ? undefined : notation.allowed,
    type,
    field,
    focus: () => setFocused(true),
    blur: () => {
      setFocused(false)
      if (valid) setText(read === undefined ? '' : notation.show(read))
    },
    /** Takes back what cannot be taken. */
    reset: () => setText(shown),
    step: (event: KeyboardEvent) => {
      if ((event.key !== 'ArrowUp' && event.key !== 'ArrowDown') || !notation.step || value === undefined) return
      event.preventDefault()
      const next = notation.step(value, event.key === 'ArrowUp' ? 1 : -1)
      setText(notation.show(next))
      if (notation.show(next) !== shown) onChange(next)
    },
  }
}
