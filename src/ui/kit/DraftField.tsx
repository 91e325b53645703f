import { TextInput } from '@mantine/core'
import { countNotation, type Notation } from './notation'
import { useDraft } from './use-draft'

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

/** A field that keeps what is typed, even when it cannot be taken, and tells why then. */
export function DraftField<T>({ label, value, notation, onChange, optional, disabled, wide, placeholder }: DraftFieldProps<T>) {
  const draft = useDraft({ value, notation, onChange, optional })
  return (
    <TextInput
      ref={draft.field}
      label={label}
      value={draft.text}
      disabled={disabled}
      placeholder={placeholder}
      error={draft.wrong}
      onFocus={draft.focus}
      onBlur={draft.blur}
      onChange={(event) => draft.type(event.currentTarget.value)}
      onKeyDown={draft.step}
      classNames={{ root: wide ? 'draft-field is-wide' : 'draft-field', input: 'draft-input', label: 'draft-label' }}
      inputMode={notation.numeric ? 'numeric' : 'text'}
      autoComplete="off"
    />
  )
}

interface CountFieldProps {
  label: string
  value: number
  least: number
  most: number
  onChange: (value: number) => void
  disabled?: boolean | undefined
}

/** A whole number that must stand there. */
export function CountField({ least, most, onChange, ...rest }: CountFieldProps) {
  return <DraftField {...rest} notation={countNotation(least, most)} onChange={(value) => value !== undefined && onChange(value)} />
}
