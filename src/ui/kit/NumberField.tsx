import { TextInput, type TextInputProps } from '@mantine/core'
import { useState } from 'react'
import { readNumber, showNumber } from './number-text'

interface NumberFieldProps extends Omit<TextInputProps, 'value' | 'onChange' | 'defaultValue'> {
  /** None where it is `undefined`; NaN while what is typed is no number. */
  value?: number | undefined
  /** Digits that are taken after the point. */
  decimals?: number
  /** Written after the number: `s`. */
  unit?: string
  onChange: (value: number | undefined) => void
}

/**
 * A number that is typed. What is none stays in the field as it was typed, is told at once, and is passed on as NaN: it cannot be
 * stored, and is never turned into another.
 */
export function NumberField({ value, decimals = 0, unit, error, onChange, ...rest }: NumberFieldProps) {
  const [text, setText] = useState(() => showNumber(value))
  const [known, setKnown] = useState(value)
  // Changed from outside.
  if (!Object.is(value, known)) {
    setKnown(value)
    if (!Object.is(readNumber(text, decimals), value)) setText(showNumber(value))
  }
  const wrong = Number.isNaN(readNumber(text, decimals))
  return (
    <TextInput
      {...rest}
      inputMode={decimals > 0 ? 'decimal' : 'numeric'}
      autoComplete="off"
      value={text}
      error={wrong ? (decimals > 0 ? 'A number, such as 2.5' : 'A whole number') : error}
      rightSection={unit && <span className="second">{unit}</span>}
      onChange={(event) => {
        const typed = event.currentTarget.value
        setText(typed)
        const next = readNumber(typed, decimals)
        setKnown(next)
        onChange(next)
      }}
    />
  )
}
