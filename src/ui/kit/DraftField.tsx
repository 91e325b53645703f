import { TextInput } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import { formatSeconds, parseSeconds } from '@core/base/units'
import { useTaken } from './unsaved'

/** How a value is written and read. `read` answers `undefined` for what cannot be taken. */
export interface Notation<T> {
  show: (value: T) => string
  read: (text: string) => T | undefined
  /** What is allowed, in words. */
  allowed: string
  /** The next value up or down, for the arrow keys. */
  step?: (value: T, by: 1 | -1) => T
  numeric?: boolean
}

interface DraftFieldProps<T> {
  label: string
  value: T | undefined
  notation: Notation<T>
  onChange: (value: T | undefined) => void
  /** Whether the field may be empty: then `undefined` is passed on. */
  optional?: boolean | undefined
  disabled?: boolean | undefined
  wide?: boolean | undefined
  placeholder?: string | undefined
}

/**
 * A field that keeps what is typed, even when it cannot be taken: only what is valid is passed on, and the rest is told why. Arrow
 * up and down step the value.
 */
export function DraftField<T>({ label, value, notation, onChange, optional, disabled, wide, placeholder }: DraftFieldProps<T>) {
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
    if (!same && !(focused && typed === undefined && text.trim() !== '')) setText(shown)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only an outside change of the value counts
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
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once
  }, [])

  return (
    <TextInput
      ref={field}
      label={label}
      value={text}
      disabled={disabled}
      placeholder={placeholder}
      error={valid ? undefined : notation.allowed}
      onFocus={() => setFocused(true)}
      onBlur={() => {
        setFocused(false)
        if (valid) setText(read === undefined ? '' : notation.show(read))
      }}
      onChange={(event) => type(event.currentTarget.value)}
      onKeyDown={(event) => {
        if ((event.key !== 'ArrowUp' && event.key !== 'ArrowDown') || !notation.step || value === undefined) return
        event.preventDefault()
        const next = notation.step(value, event.key === 'ArrowUp' ? 1 : -1)
        setText(notation.show(next))
        if (notation.show(next) !== shown) onChange(next)
      }}
      classNames={{ root: wide ? 'draft-field is-wide' : 'draft-field', input: 'draft-input', label: 'draft-label' }}
      inputMode={notation.numeric ? 'numeric' : 'text'}
      autoComplete="off"
    />
  )
}

const between = (value: number | undefined, least: number, most: number) =>
  value !== undefined && value >= least && value <= most ? value : undefined

const stepped = (least: number, most: number, size: number) => (value: number, by: 1 | -1) =>
  Math.min(most, Math.max(least, value + by * size))

export const timeNotation = (least: number, most: number): Notation<number> => ({
  show: formatSeconds,
  read: (text) => between(parseSeconds(text), least, most),
  allowed: `A time from ${formatSeconds(least)} to ${formatSeconds(most)}, such as 0:40`,
  step: stepped(least, most, 5),
})

export const countNotation = (least: number, most: number): Notation<number> => ({
  show: String,
  read: (text) => between(/^\d{1,6}$/.test(text.trim()) ? Number(text) : undefined, least, most),
  allowed: `A whole number from ${least} to ${most}`,
  step: stepped(least, most, 1),
  numeric: true,
})

export const decimalNotation = (least: number, most: number, unit: string): Notation<number> => ({
  show: String,
  read: (text) => between(/^\d{1,4}([.,]\d{1,2})?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : undefined, least, most),
  allowed: `A number of ${unit} from ${least} to ${most}`,
})

/** Text that is at most so long; trimmed. */
export const textNotation = (most: number): Notation<string> => ({
  show: (value) => value,
  read: (text) => (text.trim().length > 0 && text.trim().length <= most ? text.trim() : undefined),
  allowed: `At most ${most} characters`,
})

interface NumberFieldProps {
  label: string
  value: number
  least: number
  most: number
  onChange: (value: number) => void
  disabled?: boolean | undefined
}

const numberField = (notation: (least: number, most: number) => Notation<number>) =>
  function NumberField({ least, most, onChange, ...rest }: NumberFieldProps) {
    return <DraftField {...rest} notation={notation(least, most)} onChange={(value) => value !== undefined && onChange(value)} />
  }

export const TimeField = numberField(timeNotation)
export const CountField = numberField(countNotation)
