import { Modal, MultiSelect, Select, Textarea } from '@mantine/core'
import { Strain, strainNames } from '@core/library/exercise'
import { Level } from '@core/library/level'
import type { Person } from '@core/library/person'
import { limits } from '@core/base/limits'
import { useFocusBack } from '../../kit/use-focus-back'
import { useClass } from '../shared/context'

interface PersonTonightProps {
  id: string
  opened: boolean
  onClose: () => void
}

/** What is known of somebody in this class: of a walk-in all of it, of others what they take tonight. */
export function PersonTonight({ id, opened, onClose }: PersonTonightProps) {
  useFocusBack()
  const { document, library, change } = useClass()
  const walkIn = document.walkIns.find((person) => person.id === id)
  const person = walkIn ?? library.people.find((known) => known.id === id)
  if (!person) return null
  const set = (more: Partial<Person>) =>
    change((draft) => {
      const known = draft.walkIns.find((one) => one.id === id)
      if (known) Object.assign(known, more)
    })
  const setSize = (kindId: string, sizeId: string | null) =>
    change((draft) => {
      const { [kindId]: _, ...rest } = draft.sizes?.[id] ?? {}
      const { [id]: __, ...others } = draft.sizes ?? {}
      const next = sizeId === null ? rest : { ...rest, [kindId]: sizeId }
      draft.sizes = Object.keys(next).length > 0 ? { ...others, [id]: next } : others
    })
  const sized = library.gear.filter((kind) => kind.sizes.length > 1)
  return (
    <Modal opened={opened} onClose={onClose} title={person.name}>
      {walkIn ? (
        <>
          <Select
            label="Level"
            data={Level.options}
            value={walkIn.level}
            allowDeselect={false}
            onChange={(level) => level && set({ level: level as Level })}
          />
          <MultiSelect
            mt="sm"
            label="Easy on"
            data={Strain.options.map((value) => ({ value, label: strainNames[value] }))}
            value={walkIn.goEasy}
            onChange={(goEasy) => set({ goEasy: goEasy as Strain[] })}
          />
          <Textarea
            mt="sm"
            label="In a few words"
            autosize
            maxLength={limits.noteLength}
            value={walkIn.goEasyNote}
            onChange={(event) => set({ goEasyNote: event.currentTarget.value })}
          />
        </>
      ) : (
        <p className="second">
          {[person.level, ...person.goEasy.map((strain) => `easy on ${strainNames[strain]}`)].join(', ')}. Their level and limits are
          changed on <a href="/people">People</a>.
        </p>
      )}
      <h3>Sizes in this class</h3>
      {sized.map((kind) => (
        <Select
          key={kind.id}
          mt="xs"
          label={kind.name}
          clearable
          placeholder="as usual"
          data={kind.sizes.map((size) => ({ value: size.id, label: size.label }))}
          value={document.sizes?.[id]?.[kind.id] ?? null}
          onChange={(size) => setSize(kind.id, size)}
        />
      ))}
    </Modal>
  )
}
