import { Select } from '@mantine/core'
import { memo, useEffect, useMemo, useRef, useState } from 'react'
import type { Form } from '@core/library/form'
import { FormFigure } from '../../kit/FormFigure'
import { WhenSeen } from '../../kit/WhenSeen'
import { AddToHall } from './AddToHall'
import { useHall } from './context'
import { useExerciseSearch } from './use-exercise-search'
import kit from '../../kit/kit.module.css'
import styles from './picker.module.css'

/** An exercise as it is chosen: drawn once it is scrolled to, as there are many. */
const Choice = ({ form, label }: { form: Pick<Form, 'name' | 'points' | 'figure'> | undefined; label: string }) => (
  <span className={styles.choice}>
    <span className={styles.choiceFigure}>{form && <WhenSeen height={40}>{<FormFigure form={form} />}</WhenSeen>}</span>
    {label}
  </span>
)

interface ExercisePickerProps {
  id?: string
  label: string
  value: string | undefined
  /** `undefined` empties the place. */
  onChange: (exerciseId: string | undefined) => void
  tile?: boolean
  /** It takes the focus as soon as it is there, with what was typed before it was. */
  begun?: Begun
}

/** How somebody came to the picker: by a press, or with these letters, which Enter may have ended; and whether they have left. */
export interface Begun {
  pressed: boolean
  text: string | undefined
  entered: boolean
  left: boolean
}

/** The choice that empties a station; no exercise can have this id. */
const nothing = ''

/**
 * Chooses an exercise by typing anything that is known of it: "core no jump", "bench". Enter takes the best match at once, or what
 * the arrow keys have chosen.
 */
export const ExercisePicker = memo(function ExercisePicker({ id, label, value, onChange, tile = false, begun }: ExercisePickerProps) {
  const { library } = useHall()
  const search = useExerciseSearch()
  const [opened, setOpened] = useState(begun ? begun.pressed || begun.text !== undefined : false)
  const [adding, setAdding] = useState<string>()
  const steered = useRef(false)
  const known = library.exercises.some((exercise) => exercise.id === value)
  const nameOf = (exerciseId: string) =>
    library.exercises.find((exercise) => exercise.id === exerciseId)?.name ?? `${exerciseId} (not in this hall)`
  const [text, setText] = useState(begun?.text ?? (value ? nameOf(value) : ''))
  const choices = useMemo(() => {
    const all = library.exercises.map((exercise) => ({ value: exercise.id, label: exercise.name }))
    if (!value) return all
    return [{ value: nothing, label: 'No exercise here' }, ...(known ? [] : [{ value, label: `${value} (not in this hall)` }]), ...all]
  }, [library, value, known])
  const shown = value ? nameOf(value) : ''
  const typed = text.trim() !== '' && text !== shown
  const choose = (next: string | null) => {
    setOpened(false)
    if (next !== null && next !== value) onChange(next === nothing ? undefined : next)
    setText(next ? nameOf(next) : '')
  }
  const miss = text.trim()
  const takeBest = (letters: string) => {
    const [best] = search(letters)
    if (best) choose(best.id)
    else setAdding(letters.trim())
  }
  useEffect(() => {
    if (begun?.text === undefined) return
    // The list begins with the name of what is chosen.
    setText(begun.text)
    if (begun.entered && begun.text.trim() !== '') takeBest(begun.text)
    // oxlint-disable-next-line react/exhaustive-deps -- once, as it comes
  }, [])
  return (
    <>
      <Select
        id={id}
        aria-label={label}
        placeholder="Choose an exercise"
        data={choices}
        value={value ?? null}
        onChange={choose}
        searchValue={text}
        onSearchChange={(next) => {
          steered.current = false
          setText(next)
        }}
        filter={({ options, search: query }) => {
          if (!typed) return options
          const order = new Map(search(query).map((exercise, index) => [exercise.id, index]))
          return options
            .filter((option) => 'value' in option && order.has(option.value))
            .sort((a, b) => order.get((a as { value: string }).value)! - order.get((b as { value: string }).value)!)
        }}
        dropdownOpened={opened}
        onDropdownOpen={() => setOpened(true)}
        onDropdownClose={() => setOpened(false)}
        autoFocus={begun !== undefined && !begun.left}
        onFocus={(event) => {
          // What has been typed goes on.
          if (!typed) event.currentTarget.select()
        }}
        onBlur={() => setText(shown)}
        onKeyDownCapture={(event) => {
          if (event.key === 'ArrowDown' || event.key === 'ArrowUp') steered.current = true
          if (event.key !== 'Enter' || !typed || steered.current) return
          event.preventDefault()
          event.stopPropagation()
          takeBest(text)
        }}
        renderOption={({ option }) => <Choice form={library.exercises.find(({ id }) => id === option.value)} label={option.label} />}
        allowDeselect={false}
        rightSection={<></>}
        rightSectionWidth={0}
        searchable
        openOnFocus={false}
        selectFirstOptionOnChange
        nothingFoundMessage={
          <button type="button" className={kit.linkButton} onMouseDown={(event) => event.preventDefault()} onClick={() => setAdding(miss)}>
            None like that: add “{miss}”
          </button>
        }
        comboboxProps={{ width: 260, position: 'bottom-start' }}
        {...(tile && { classNames: { input: 'tile-select' }, variant: 'unstyled' })}
      />
      <AddToHall
        name={adding}
        onDone={(added) => {
          setAdding(undefined)
          if (added === undefined) return
          setOpened(false)
          onChange(added)
        }}
      />
    </>
  )
})
