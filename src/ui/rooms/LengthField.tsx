import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { readLength, showLength, type LengthUnit } from '@core/library/length'

interface LengthFieldProps {
  label?: string
  aria?: string
  placeholder?: string
  unit: LengthUnit
  value: number | undefined
  error?: string | undefined
  onChange: (metres: number) => void
  /** Where it may be left out. */
  onEmpty?: () => void
}

/** A length as it is typed, in metres or feet; what cannot be read stays in the field and is told when it is stored. */
export function LengthField({ label, aria, placeholder, unit, value, error, onChange, onEmpty }: LengthFieldProps) {
  const [text, setText] = useState(value === undefined ? '' : showLength(value, unit))
  const read = readLength(text, unit)
  const isLeftOut = onEmpty !== undefined && text.trim() === ''
  // A feature of another kind comes with another size.
  const [shown, setShown] = useState(value)
  if (!Object.is(value, shown)) {
    setShown(value)
    if (Number.isFinite(value) && value !== read) setText(showLength(value!, unit))
  }
  return (
    <TextInput
      label={label}
      aria-label={aria}
      placeholder={placeholder}
      value={text}
      w={label ? undefined : 90}
      error={error?.replace(/^\w+Metres /, '') ?? (read === undefined && !isLeftOut ? 'Such as 4.5 m or 15 ft' : undefined)}
      onChange={(event) => {
        const { value: typed } = event.currentTarget
        setText(typed)
        if (onEmpty && typed.trim() === '') onEmpty()
        else onChange(readLength(typed, unit) ?? NaN)
      }}
      onBlur={() => read !== undefined && setText(showLength(read, unit))}
    />
  )
}
