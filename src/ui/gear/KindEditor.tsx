import { Button, Checkbox, Select, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import { GearForm, GearKind, gearFormNames, type GearSize } from '@core/library/gear-kind'
import type { Room } from '@core/library/room'
import { readWeight, showWeight, type WeightUnit } from '@core/library/weight'
import { FormDialog } from '../kit/FormDialog'
import { FormFoot } from '../kit/FormFoot'
import { NumberField } from '../kit/NumberField'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import type { StoredKind } from './stored-kind'
import { Cell, Row, Table } from '../kit/Table'
import kit from '../kit/kit.module.css'

interface KindEditorProps {
  stored: StoredKind | undefined
  hall: { rooms: readonly Room[]; unit: WeightUnit }
  onClose: () => void
  onStored: (stored: StoredKind) => void
  onErased: (id: string) => void
}

const everywhere = ''
const newSize = (): GearSize => ({ id: nanoid(8), label: '', owned: 1 })

/** A form for a kind of gear and its sizes. */
export function KindEditor({ stored, hall, onClose, onStored, onErased }: KindEditorProps) {
  const form = useDocumentForm<GearKind>({
    schema: GearKind,
    path: '/api/gear',
    key: 'kind',
    stored,
    blank: () => ({ id: nanoid(10), name: '', form: 'single', sizes: [newSize()] }),
    onStored,
    onErased,
  })
  const { draft, set, errorOf, problems } = form
  const setSize = (at: number, change: Partial<GearSize>) =>
    set({ sizes: draft.sizes.map((size, index) => (index === at ? { ...size, ...change } : size)) })
  return (
    <FormDialog dirty={form.dirty} onClose={onClose} title={stored?.document.name ?? 'New kind of gear'} size="xl">
      <Troubles problems={problems} at={['name']} />
      <div className={kit.personSizes}>
        <TextInput
          label="Kind"
          value={draft.name}
          error={errorOf('name')}
          onChange={(event) => set({ name: event.currentTarget.value })}
          data-autofocus
        />
        <Select
          label="Counted"
          data={GearForm.options.map((value) => ({ value, label: gearFormNames[value] }))}
          value={draft.form}
          allowDeselect={false}
          onChange={(next) => set({ form: next as GearForm })}
        />
        <Select
          label="Stays in"
          data={[{ value: everywhere, label: 'all rooms share it' }, ...hall.rooms.map((room) => ({ value: room.id, label: room.name }))]}
          value={draft.roomId ?? everywhere}
          allowDeselect={false}
          onChange={(next) => set({ roomId: next === everywhere ? undefined : next! })}
        />
      </div>
      <Checkbox
        mb="sm"
        label="People can bring their own"
        checked={draft.canBring ?? false}
        onChange={(event) => set({ canBring: event.currentTarget.checked || undefined })}
      />
      <Table columns={['Weight', 'or called', 'Owned', 'Broken', 'Lent out', { name: 'Remove', kind: 'hidden' }]}>
        {draft.sizes.map((size, index) => (
          <Row key={size.id}>
            <Cell>
              <WeightField index={index} size={size} unit={hall.unit} onChange={(kilograms) => setSize(index, { kilograms })} />
            </Cell>
            <Cell>
              <TextInput
                aria-label={`Size ${index + 1} is called`}
                placeholder={size.kilograms === undefined ? 'light, 8 m, …' : 'by its weight'}
                disabled={size.kilograms !== undefined}
                value={size.kilograms === undefined ? size.label : ''}
                onChange={(event) => setSize(index, { label: event.currentTarget.value })}
                w={130}
              />
            </Cell>
            {(['owned', 'broken', 'lent'] as const).map((field) => (
              <Cell key={field}>
                <NumberField
                  aria-label={`Size ${index + 1}, ${field}`}
                  value={size[field] ?? (field === 'owned' ? undefined : 0)}
                  onChange={(value) => setSize(index, { [field]: value ?? (field === 'owned' ? NaN : 0) })}
                  w={80}
                />
              </Cell>
            ))}
            <Cell>
              <Button
                size="compact-sm"
                variant="default"
                disabled={draft.sizes.length === 1}
                onClick={() => set({ sizes: draft.sizes.filter((_, at) => at !== index) })}
                aria-label={`Remove size ${index + 1}`}
              >
                Remove
              </Button>
            </Cell>
          </Row>
        ))}
      </Table>
      <Button mt="sm" size="xs" variant="default" onClick={() => set({ sizes: [...draft.sizes, newSize()] })}>
        Add a size
      </Button>
      <FormFoot busy={form.busy} onStore={form.store} onErase={form.erase} />
    </FormDialog>
  )
}

/** A weight as it is typed, in kilograms or pounds; what cannot be read stays in the field and is told. */
function WeightField({
  index,
  size,
  unit,
  onChange,
}: {
  index: number
  size: GearSize
  unit: WeightUnit
  onChange: (kilograms: number | undefined) => void
}) {
  const [text, setText] = useState(size.kilograms === undefined ? '' : showWeight(size.kilograms, unit))
  const empty = text.trim() === ''
  const read = empty ? undefined : readWeight(text, unit)
  return (
    <TextInput
      aria-label={`Weight of size ${index + 1}`}
      placeholder={`none, or 4 ${unit}`}
      value={text}
      error={!empty && read === undefined ? 'Such as 4 kg or 10 lb' : undefined}
      onChange={(event) => {
        const next = event.currentTarget.value
        setText(next)
        // What is no weight must not be stored as none.
        onChange(next.trim() === '' ? undefined : (readWeight(next, unit) ?? NaN))
      }}
      onBlur={() => read !== undefined && setText(showWeight(read, unit))}
      w={120}
    />
  )
}
