import { Button, Modal, MultiSelect, NumberInput, Select, Textarea, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { Strain, strainNames } from '@core/hall/exercise'
import type { GearKind } from '@core/hall/gear-kind'
import { Person } from '@core/hall/person'
import { Level } from '@core/plan/plan'
import { FormFoot } from '../kit/FormFoot'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import type { StoredPerson } from './PeoplePage'

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
  const form = useDocumentForm<Person>({ schema: Person, path: '/api/people', key: 'person', stored, blank: () => ({ id: nanoid(10), name: '', level: 'newcomer', goEasy: [], goEasyNote: '', loads: {} }), onStored, onErased })
  const { draft, set, errorOf, problems } = form
  const names = others.filter((person) => person.id !== draft.id).map((person) => ({ value: person.id, label: person.name }))
  const sized = gear.filter((kind) => kind.sizes.length > 1)
  return (
    <Modal opened onClose={onClose} title={stored?.document.name ?? 'New person'} size="lg" closeOnClickOutside={false}>
      <Troubles problems={problems} at={['name', 'goEasyNote', 'walkingMetresPerSecond']} />
      <TextInput label="First name" value={draft.name} error={errorOf('name')} onChange={(event) => set({ name: event.currentTarget.value })} data-autofocus />
      <Select mt="sm" label="Level" data={Level.options} value={draft.level} allowDeselect={false} onChange={(level) => set({ level: level as Level })} />
      <MultiSelect mt="sm" label="Easy on" data={Strain.options.map((value) => ({ value, label: strainNames[value] }))} value={draft.goEasy} onChange={(goEasy) => set({ goEasy: goEasy as Strain[] })} />
      <Textarea mt="sm" label="In a few words" autosize value={draft.goEasyNote} error={errorOf('goEasyNote')} onChange={(event) => set({ goEasyNote: event.currentTarget.value })} />
      <div className="person-sizes">
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
      <NumberInput mt="sm" label="Walks, metres a second" placeholder="as most do" decimalScale={2} step={0.1} min={0.2} max={3} clampBehavior="none" maw={220} value={draft.walkingMetresPerSecond ?? ''} error={errorOf('walkingMetresPerSecond')} onChange={(value) => set({ walkingMetresPerSecond: typeof value === 'number' ? value : undefined })} />
      <MultiSelect mt="sm" label="Keep with" searchable data={names} value={draft.keepWith ?? []} onChange={(keepWith) => set({ keepWith })} />
      <MultiSelect mt="sm" label="Keep apart from" searchable data={names} value={draft.keepApart ?? []} onChange={(keepApart) => set({ keepApart })} />
      <FormFoot busy={form.busy} onStore={form.store} onClose={onClose} onErase={form.erase}>
        <Button component="a" href={`/api/people/${draft.id}/data`} download variant="default">
          Their data
        </Button>
      </FormFoot>
    </Modal>
  )
}
