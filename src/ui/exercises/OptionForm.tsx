import { Button, Checkbox, MultiSelect, Select, TextInput } from '@mantine/core'
import type { ReactNode } from 'react'
import { Stance, type GearNeed, type Option, type Strain } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import { GearNeeds } from './GearNeeds'
import { strains } from './strain-choices'
import styles from './exercises.module.css'

const rungs = [
  { value: 'easier', label: 'easier' },
  { value: 'harder', label: 'harder' },
  { value: 'substitute', label: 'instead' },
]

interface OptionFormProps {
  option: Option
  /** From 1, from the nearest. */
  number: number
  gear: readonly GearKind[]
  /** How it looks. */
  picture: ReactNode
  nameError: string | undefined
  set: (change: Partial<Option>) => void
  onRemove: () => void
}

/** One option of an exercise’s ladder. */
export function OptionForm({ option, number, gear, picture, nameError, set, onRemove }: OptionFormProps) {
  return (
    <fieldset className={styles.optionForm}>
      <legend>{option.name || `Option ${number}`}</legend>
      <div className={styles.exerciseForm}>
        <Select
          label="Rung"
          data={rungs}
          value={option.rung}
          allowDeselect={false}
          onChange={(rung) => set({ rung: rung as Option['rung'] })}
        />
        <TextInput
          className={styles.isHalf}
          label="Name"
          value={option.name}
          error={nameError}
          onChange={(event) => set({ name: event.currentTarget.value })}
        />
        <Button className="field-check" variant="default" size="xs" onClick={onRemove}>
          Remove
        </Button>
        <MultiSelect
          className={styles.isHalf}
          label="Loads"
          data={strains}
          value={option.asks}
          onChange={(asks) => set({ asks: asks as Strain[] })}
        />
        <Select
          label="Done"
          data={[{ value: '', label: 'as the exercise' }, ...Stance.options]}
          value={option.stance ?? ''}
          allowDeselect={false}
          onChange={(stance) => set({ stance: (stance || undefined) as Stance | undefined })}
        />
        <Checkbox
          className="field-check"
          label="One side at a time"
          checked={option.oneSided}
          onChange={(event) => set({ oneSided: event.currentTarget.checked })}
        />
      </div>
      {picture}
      <GearNeeds needs={option.gear} gear={gear} onChange={(needs: GearNeed[]) => set({ gear: needs })} />
    </fieldset>
  )
}
