import { Input } from '@mantine/core'
import { useCallback, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { tellProblem } from '../../../kit/notice'
import { useHall } from '../../shared/context'
import type { Begun, ExercisePicker } from '../../shared/ExercisePicker'

type Picker = typeof ExercisePicker
let fetched: Promise<Picker> | undefined
const fetchPicker = (): Promise<Picker> =>
  (fetched ??= import('../../shared/ExercisePicker').then(
    (module) => module.ExercisePicker,
    (error: unknown) => {
      fetched = undefined
      throw error
    },
  ))

interface PlacePickerProps {
  id: string
  label: string
  value: string | undefined
  position: number
  onSet: (position: number, exerciseId: string | undefined) => void
}

/**
 * The exercise of one position: a field with its name, which becomes the picker once it has the focus, as a room has many. What is
 * typed on the way goes with it.
 */
export function PlacePicker({ position, onSet, ...rest }: PlacePickerProps) {
  const set = useCallback((exerciseId: string | undefined) => onSet(position, exerciseId), [position, onSet])
  const { library } = useHall()
  const [Full, setFull] = useState<{ Picker: Picker; begun: Begun }>()
  const field = useRef<HTMLInputElement>(null)
  const entered = useRef(false)
  const pressed = useRef(false)
  const name = library.exercises.find(({ id }) => id === rest.value)?.name ?? rest.value ?? ''
  const begin = async () => {
    field.current?.select()
    try {
      const Picker = await fetchPicker()
      if (!field.current) return
      const left = document.activeElement !== field.current
      // Who has gone on meanwhile is not called back; what was entered before that counts.
      if (left && !entered.current) return
      const text = field.current.value === name ? undefined : field.current.value
      // At once: a key that came between would be typed into what goes away.
      flushSync(() => setFull({ Picker, begun: { pressed: pressed.current, text, entered: entered.current, left } }))
    } catch (error) {
      if (field.current && document.activeElement !== field.current) field.current.value = name
      tellProblem(error)
    }
  }
  if (Full) return <Full.Picker {...rest} onChange={set} tile begun={Full.begun} />
  return (
    <Input
      key={name}
      ref={field}
      id={rest.id}
      variant="unstyled"
      classNames={{ input: 'tile-select' }}
      // oxlint-disable-next-line jsx-a11y/role-has-required-aria-props -- its list comes when it is opened
      role="combobox"
      aria-label={rest.label}
      aria-haspopup="listbox"
      aria-expanded={false}
      autoComplete="off"
      placeholder="Choose an exercise"
      defaultValue={name}
      onPointerEnter={() => void fetchPicker().catch(() => undefined)}
      onPointerDown={() => (pressed.current = true)}
      onFocus={() => void begin()}
      onBlur={(event) => {
        if (!entered.current) event.currentTarget.value = name
      }}
      onInput={() => (entered.current = false)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') entered.current = true
      }}
    />
  )
}
