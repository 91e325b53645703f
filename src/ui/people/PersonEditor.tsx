import { Button, Checkbox, MultiSelect, Select, Textarea, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import { Strain, strainNames } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import { Person } from '@core/library/person'
import { calledLike } from '@core/library/same-name'
import { Level } from '@core/library/level'
import { FormDialog } from '../kit/FormDialog'
import { FormFoot } from '../kit/FormFoot'
import { NumberField } from '../kit/NumberField'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import { ShownAs } from './ShownAs'
import type { StoredPerson } from './stored-person'
import kit from '../kit/kit.module.css'

interface PersonEditorProps {
  stored: StoredPerson | undefined
  others: Person[]
  gear: readonly GearKind[]
  onClose: () => void
  onStored: (stored: StoredPerson) => void
  onErased: (id: string) => void
}

/** A person's form. What is typed stays until it is stored or given up. */
export function PersonEditor({ stored, others, gear, onClose, onStored, onErased }: PersonEditorProps) {
  const form = useDocumentForm<Person>({
    schema: Person,
    path: '/api/people',
    key: 'person',
    stored,
    blank: () => ({ id: nanoid(10), name: '', level: 'newcomer', goEasy: [], goEasyNote: '', loads: {} }),
    onStored,
    onErased,
  })
  const { draft, set, errorOf, problems } = form
  const [asked, setAsked] = useState<string>()
  const everybodyElse = others.filter((person) => person.id !== draft.id)
  // Nobody is told apart by two lists: the name is all that the room sees of somebody.
  const store = () => {
    const again = draft.name.trim() !== stored?.document.name && calledLike(everybodyElse, draft.name).length > 0
    if (!again || asked === draft.name) return form.store()
    setAsked(draft.name)
    form.tell([
      {
        code: 'sameName',
        field: 'name',
        message: `There is a ${draft.name.trim()} already. Tell them apart, such as ${draft.name.trim()} B., or press Save again to have two.`,
      },
    ])
  }
  const names = everybodyElse.map((person) => ({ value: person.id, label: person.name }))
  const sized = gear.filter((kind) => kind.sizes.length > 1)
  return (
    <FormDialog dirty={form.dirty} onClose={onClose} title={stored?.document.name ?? 'New person'} size="lg">
      <Troubles problems={problems} at={['name', 'shownAs', 'goEasyNote', 'walkingMetresPerSecond']} />
      <TextInput
        label="First name"
        value={draft.name}
        error={errorOf('name')}
        onChange={(event) => set({ name: event.currentTarget.value })}
        data-autofocus
      />
      <ShownAs name={draft.name} value={draft.shownAs} error={errorOf('shownAs')} onChange={(shownAs) => set({ shownAs })} />
      <Select
        mt="sm"
        label="Level"
        data={Level.options}
        value={draft.level}
        allowDeselect={false}
        onChange={(level) => set({ level: level as Level })}
      />
      <MultiSelect
        mt="sm"
        label="Easy on"
        data={Strain.options.map((value) => ({ value, label: strainNames[value] }))}
        value={draft.goEasy}
        onChange={(goEasy) => set({ goEasy: goEasy as Strain[] })}
      />
      <Textarea
        mt="sm"
        label="In a few words"
        autosize
        value={draft.goEasyNote}
        error={errorOf('goEasyNote')}
        onChange={(event) => set({ goEasyNote: event.currentTarget.value })}
      />
      <Checkbox
        mt="sm"
        label={draft.agreedOn ? `They agreed on ${draft.agreedOn} that this is kept` : 'They agree that this is kept'}
        description={
          <>
            Coaches and the owner see what people go easy on, nobody else. <a href="/privacy">What is kept of people</a>
          </>
        }
        checked={draft.agreedOn !== undefined}
        onChange={(event) => set({ agreedOn: event.currentTarget.checked ? new Date().toISOString().slice(0, 10) : undefined })}
      />
      <Checkbox
        mt="sm"
        label="Stays off boards"
        description="Where a class compares people, on the wall, cards and results, they are left out."
        checked={draft.offBoards === true}
        onChange={(event) => set({ offBoards: event.currentTarget.checked ? true : undefined })}
      />
      <div className={kit.personSizes}>
        {sized.map((kind) => (
          <Select
            key={kind.id}
            label={kind.name}
            clearable
            placeholder="by level"
            data={kind.sizes.map((size) => ({ value: size.id, label: size.label }))}
            value={draft.loads[kind.id] ?? null}
            onChange={(size) => {
              const { [kind.id]: _, ...rest } = draft.loads
              set({ loads: size ? { ...rest, [kind.id]: size } : rest })
            }}
          />
        ))}
      </div>
      <NumberField
        mt="sm"
        label="Walks, metres a second"
        placeholder="as most do"
        decimals={2}
        maw={220}
        value={draft.walkingMetresPerSecond}
        error={errorOf('walkingMetresPerSecond')}
        onChange={(walkingMetresPerSecond) => set({ walkingMetresPerSecond })}
      />
      <MultiSelect
        mt="sm"
        label="Keep with"
        searchable
        data={names}
        value={draft.keepWith ?? []}
        onChange={(keepWith) => set({ keepWith })}
      />
      <MultiSelect
        mt="sm"
        label="Keep apart from"
        searchable
        data={names}
        value={draft.keepApart ?? []}
        onChange={(keepApart) => set({ keepApart })}
      />
      <FormFoot busy={form.busy} onStore={store} onErase={form.erase}>
        <Button component="a" href={`/api/people/${draft.id}/data`} download variant="default">
          Their data
        </Button>
      </FormFoot>
    </FormDialog>
  )
}
