import { Button, Select, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import type { GearKind } from '@core/library/gear-kind'
import type { LengthUnit } from '@core/library/length'
import { FeatureKind, featureNames, Room, type Feature } from '@core/library/room'
import { FloorPlan } from '../kit/FloorPlan'
import { FormDialog } from '../kit/FormDialog'
import { FormFoot } from '../kit/FormFoot'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import { LengthField } from './LengthField'
import type { StoredRoom } from './stored-room'
import { Cell, Row, Table } from '../kit/Table'
import kit from '../kit/kit.module.css'

interface RoomEditorProps {
  stored: StoredRoom | undefined
  gear: readonly GearKind[]
  unit: LengthUnit
  onClose: () => void
  onStored: (stored: StoredRoom) => void
  onErased: (id: string) => void
}

const usualSize: Record<FeatureKind, [lengthMetres: number, widthMetres: number]> = {
  pillar: [0.5, 0.5],
  wall: [3, 0.2],
  exit: [1.2, 2],
  keepFree: [1.2, 3],
  door: [0.2, 1],
  anchor: [0.3, 0.2],
  store: [2, 1],
}

/** A form for a room: its size, and what in it counts. The plan beside it follows what is typed. */
export function RoomEditor({ stored, gear, unit, onClose, onStored, onErased }: RoomEditorProps) {
  const form = useDocumentForm<Room>({
    schema: Room,
    path: '/api/rooms',
    key: 'room',
    stored,
    blank: () => ({ id: nanoid(10), name: '', lengthMetres: 12, widthMetres: 8, ceilingMetres: 3 }),
    onStored,
    onErased,
  })
  const { draft, set, errorOf, problems } = form
  const features = draft.features ?? []
  const setFeature = (at: number, change: Partial<Feature>) =>
    set({ features: features.map((feature, index) => (index === at ? { ...feature, ...change } : feature)) })
  const add = () =>
    set({
      features: [
        ...features,
        { id: nanoid(8), kind: 'pillar', x: 1, y: 1, lengthMetres: usualSize.pillar[0], widthMetres: usualSize.pillar[1] },
      ],
    })
  const places = gear.filter((kind) => kind.form === 'place')
  return (
    <FormDialog dirty={form.dirty} onClose={onClose} title={stored?.document.name ?? 'New room'} size="70rem">
      <div className={kit.roomForm}>
        <div>
          <div className={kit.personSizes}>
            <TextInput
              label="Name"
              value={draft.name}
              error={errorOf('name')}
              onChange={(event) => set({ name: event.currentTarget.value })}
              data-autofocus
            />
            <LengthField
              label="Length"
              unit={unit}
              value={draft.lengthMetres}
              error={errorOf('lengthMetres')}
              onChange={(lengthMetres) => set({ lengthMetres })}
            />
            <LengthField
              label="Width"
              unit={unit}
              value={draft.widthMetres}
              error={errorOf('widthMetres')}
              onChange={(widthMetres) => set({ widthMetres })}
            />
            <LengthField
              label="Ceiling"
              unit={unit}
              value={draft.ceilingMetres}
              error={errorOf('ceilingMetres')}
              onChange={(ceilingMetres) => set({ ceilingMetres })}
            />
          </div>
          <LengthField
            label="Picture of the wall, how wide"
            placeholder="not known"
            unit={unit}
            value={draft.pictureMetres}
            error={errorOf('pictureMetres')}
            onChange={(pictureMetres) => set({ pictureMetres })}
            onEmpty={() => set({ pictureMetres: undefined })}
          />
          {features.length > 0 && (
            <Table columns={['What', 'From left', 'From top', 'Long', 'Wide', { name: 'Remove', kind: 'hidden' }]}>
              {features.map((feature, index) => (
                <Row key={feature.id}>
                  <Cell>
                    <Select
                      aria-label={`What ${index + 1} is`}
                      w={150}
                      data={FeatureKind.options.map((value) => ({ value, label: featureNames[value] }))}
                      value={feature.kind}
                      allowDeselect={false}
                      onChange={(kind) =>
                        kind &&
                        setFeature(index, {
                          kind: kind as FeatureKind,
                          lengthMetres: usualSize[kind as FeatureKind][0],
                          widthMetres: usualSize[kind as FeatureKind][1],
                        })
                      }
                    />
                    {feature.kind === 'anchor' && (
                      <Select
                        aria-label={`Of which gear ${index + 1} is a place`}
                        w={150}
                        mt={4}
                        clearable
                        placeholder="place of which gear"
                        data={places.map((kind) => ({ value: kind.id, label: kind.name }))}
                        value={feature.kindId ?? null}
                        onChange={(kindId) => setFeature(index, { kindId: kindId ?? undefined })}
                      />
                    )}
                  </Cell>
                  {(['x', 'y', 'lengthMetres', 'widthMetres'] as const).map((field) => (
                    <Cell key={field}>
                      <LengthField
                        aria={`${field === 'x' ? 'From left' : field === 'y' ? 'From top' : field === 'lengthMetres' ? 'Long' : 'Wide'} ${index + 1}`}
                        unit={unit}
                        value={feature[field]}
                        onChange={(value) => setFeature(index, { [field]: value })}
                      />
                    </Cell>
                  ))}
                  <Cell>
                    <Button
                      size="compact-sm"
                      variant="default"
                      onClick={() => set({ features: features.filter((_, at) => at !== index) })}
                      aria-label={`Remove ${featureNames[feature.kind]} ${index + 1}`}
                    >
                      Remove
                    </Button>
                  </Cell>
                </Row>
              ))}
            </Table>
          )}
          <Button mt="sm" size="xs" variant="default" onClick={add}>
            Add a pillar, wall, exit, strip, door, anchor point or store
          </Button>
        </div>
        <FloorPlan
          room={{
            ...draft,
            lengthMetres: sound(draft.lengthMetres),
            widthMetres: sound(draft.widthMetres),
            features: features.filter((feature) =>
              [feature.x, feature.y, feature.lengthMetres, feature.widthMetres].every(Number.isFinite),
            ),
          }}
        />
      </div>
      <Troubles problems={problems} at={['name', 'lengthMetres', 'widthMetres', 'ceilingMetres', 'pictureMetres']} />
      <FormFoot busy={form.busy} onStore={form.store} onErase={form.erase} />
    </FormDialog>
  )
}

/** While a length cannot be read, the plan is drawn with one that can. */
const sound = (metres: number) => (Number.isFinite(metres) && metres > 0 ? metres : 5)
