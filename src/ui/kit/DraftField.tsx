import { TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { formatSeconds, parseSeconds } from '@core/units'

interface DraftFieldProps {
  label: string
  value: number
  least: number
  most: number
  onChange: (value: number) => void
  disabled?: boolean | undefined
}

interface Notation {
  show: (value: number) => string
  read: (text: string) => number | undefined
  allowed: (least: number, most: number) => string
  step: number
}

const time: Notation = {
  show: formatSeconds,
  read: parseSeconds,
  allowed: (least, most) => `A time from ${formatSeconds(least)} to ${formatSeconds(most)}, such as 0:40`,
  step: 5,
}

const whole: Notation = {
  show: String,
  read: (text) => (/^\d{1,6}$/.test(text.trim()) ? Number(text) : undefined),
  allowed: (least, most) => `A whole number from ${least} to ${most}`,
  step: 1,
}

/**
 * A field that keeps what is typed, even when it cannot be taken: only what is valid is passed on, and the rest is told
 * why. Arrow up and down step the value.
 */
function DraftField({ label, value, least, most, onChange, disabled, notation }: DraftFieldProps & { notation: Notation }) {
  const [text, setText] = useState(notation.show(value))
  const [focused, setFocused] = useState(false)
  const read = notation.read(text)
  const valid = read !== undefined && read >= least && read <= most

  // Undo, redo or another window changed the value: show it, unless somebody is typing here.
  useEffect(() => {
    if (!focused || notation.read(text) !== value) setText((now) => (focused && notation.read(now) === undefined ? now : notation.show(value)))
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only an outside change of the value counts
  }, [value])

  const type = (next: string) => {
    setText(next)
    const number = notation.read(next)
    if (number !== undefined && number >= least && number <= most && number !== value) onChange(number)
  }

  return (
    <TextInput
      label={label}
      value={text}
      disabled={disabled}
      error={valid ? undefined : notation.allowed(least, most)}
      onFocus={() => setFocused(true)}
      onBlur={() => {
        setFocused(false)
        if (valid) setText(notation.show(read))
      }}
      onChange={(event) => type(event.currentTarget.value)}
      onKeyDown={(event) => {
        if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return
        event.preventDefault()
        const next = Math.min(most, Math.max(least, value + (event.key === 'ArrowUp' ? notation.step : -notation.step)))
        setText(notation.show(next))
        if (next !== value) onChange(next)
      }}
      classNames={{ root: 'draft-field', input: 'draft-input', label: 'draft-label' }}
      inputMode={notation === whole ? 'numeric' : 'text'}
      autoComplete="off"
    />
  )
}

export const TimeField = (props: DraftFieldProps) => <DraftField {...props} notation={time} />
export const CountField = (props: DraftFieldProps) => <DraftField {...props} notation={whole} />
