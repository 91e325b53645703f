import { SegmentedControl, Input, TextInput } from '@mantine/core'

interface ShownAsProps {
  /** Their name. */
  name: string
  value: string | null | undefined
  error: string | undefined
  onChange: (shownAs: string | null | undefined) => void
}

/** What walls and station screens, which all see, call somebody: their name, another, or none. */
export function ShownAs({ name, value, error, onChange }: ShownAsProps) {
  const choice = value === undefined ? 'name' : value === null ? 'none' : 'other'
  return (
    <Input.Wrapper mt="sm" label="On screens that all see" description="Their own card, and you, have their name in any case.">
      <SegmentedControl
        mt={4}
        fullWidth
        aria-label="On screens that all see"
        data={[
          { value: 'name', label: 'their name' },
          { value: 'other', label: 'another name' },
          { value: 'none', label: 'no name: “Guest”' },
        ]}
        value={choice}
        onChange={(next) => onChange(next === 'name' ? undefined : next === 'none' ? null : name)}
      />
      {choice === 'other' && (
        <TextInput
          mt="xs"
          aria-label="Another name"
          value={value ?? ''}
          error={error}
          onChange={(event) => onChange(event.currentTarget.value)}
        />
      )}
    </Input.Wrapper>
  )
}
