import { Button, MultiSelect, Select, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState, type FormEvent } from 'react'
import { Strain, strainNames } from '@core/library/exercise'
import { Level } from '@core/library/level'
import { calledLike } from '@core/library/same-name'
import { useClass } from '../shared/context'
import styles from './people.module.css'

export function WalkIn({ disabled }: { disabled: boolean }) {
  const { document, library, change } = useClass()
  const [name, setName] = useState('')
  const [asked, setAsked] = useState<string>()
  const [level, setLevel] = useState<Level>('newcomer')
  const [goEasy, setGoEasy] = useState<Strain[]>([])
  const [error, setError] = useState<string>()
  const add = (event: FormEvent) => {
    event.preventDefault()
    const id = `walk-in-${nanoid(8)}`
    const trimmed = name.trim()
    const wrong = trimmed === '' ? 'A first name is needed' : trimmed.length > 40 ? 'At most 40 characters' : undefined
    setError(wrong)
    if (wrong) return
    const [known] = calledLike([...document.walkIns, ...library.people], trimmed)
    if (known && asked !== trimmed) {
      setAsked(trimmed)
      return setError(
        `There is a ${known.name} already: tick them on the list. For another ${known.name} press Add again, or add a letter.`,
      )
    }
    change((draft) => {
      draft.walkIns.push({ id, name: trimmed, level, goEasy, goEasyNote: '', loads: {} })
      draft.here.push(id)
    })
    setName('')
    setGoEasy([])
  }
  return (
    <form className={styles.walkIn} onSubmit={add}>
      <TextInput
        label="Walk-in"
        placeholder="First name"
        value={name}
        error={error}
        onChange={(event) => setName(event.currentTarget.value)}
        disabled={disabled}
      />
      <Select
        label="Level"
        data={Level.options.map((option) => ({ value: option, label: option }))}
        value={level}
        onChange={(value) => value && setLevel(value as Level)}
        allowDeselect={false}
      />
      <MultiSelect
        label="Easy on"
        placeholder={goEasy.length === 0 ? 'nothing' : undefined}
        data={Strain.options.map((value) => ({ value, label: strainNames[value] }))}
        value={goEasy}
        onChange={(value) => setGoEasy(value as Strain[])}
        disabled={disabled}
      />
      <Button type="submit" variant="default" disabled={disabled}>
        Add
      </Button>
    </form>
  )
}
