import { Button, Modal, Select, Textarea } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import { limits } from '@core/base/limits'
import { Level } from '@core/library/level'
import { calledLike } from '@core/library/same-name'
import { pastedNames } from '@core/tables/people-table'
import { useClass } from '../shared/context'
import styles from './people.module.css'
import kit from '../../kit/kit.module.css'

/** Ticks everyone of a pasted list; whoever is not on the roster comes as a walk-in. */
export function PasteNames({ disabled }: { disabled: boolean }) {
  const { document, library, change } = useClass()
  const [opened, setOpened] = useState(false)
  const [text, setText] = useState('')
  const [level, setLevel] = useState<Level>('newcomer')
  const names = pastedNames(text)
  const everybody = [...document.walkIns, ...library.people]
  const isNew = (name: string) => calledLike(everybody, name).length === 0
  // Which of them is meant, the list does not say.
  const shared = names.filter((name) => calledLike(everybody, name).length > 1)
  const tooLong = names.find((name) => name.length > 40)
  const add = () => {
    change((draft) => {
      for (const name of names.filter((name) => !shared.includes(name))) {
        const id = calledLike(everybody, name)[0]?.id ?? `walk-in-${nanoid(8)}`
        if (draft.here.includes(id) || draft.here.length + (draft.headCount ?? 0) >= limits.people) continue
        if (isNew(name)) draft.walkIns.push({ id, name, level, goEasy: [], goEasyNote: '', loads: {} })
        draft.here.push(id)
      }
    })
    setText('')
    setOpened(false)
  }
  const strangers = names.filter(isNew).length
  return (
    <>
      <Button className={styles.paste} variant="default" disabled={disabled} onClick={() => setOpened(true)}>
        Paste a list
      </Button>
      <Modal opened={opened} onClose={() => setOpened(false)} title="Who is here">
        <Textarea
          label="Names, one to a line or between commas"
          autosize
          minRows={6}
          maxRows={14}
          value={text}
          error={tooLong && `${tooLong} is longer than 40 characters`}
          onChange={(event) => setText(event.currentTarget.value)}
          data-autofocus
        />
        <p className="second">
          {names.length} {names.length === 1 ? 'name' : 'names'}
          {strangers > 0 && `, ${strangers} not on the roster: they come as walk-ins`}
        </p>
        {strangers > 0 && (
          <Select
            label="Level of those who are new"
            data={Level.options}
            value={level}
            allowDeselect={false}
            onChange={(value) => value && setLevel(value as Level)}
          />
        )}
        {shared.length > 0 && (
          <p className={kit.mend}>Several people are called {shared.join(' or ')}: tick the right one on the list yourself.</p>
        )}
        <div className={kit.dialogFoot}>
          <Button disabled={names.length === shared.length || tooLong !== undefined} onClick={add}>
            They are here
          </Button>
        </div>
      </Modal>
    </>
  )
}
