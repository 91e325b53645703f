import { Button, Checkbox, MultiSelect, Select, TagsInput, Textarea, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { Exercise, Impact, Pattern, Region, Stance, Strain, strainNames, type GearNeed, type Option } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import { FormDialog } from '../kit/FormDialog'
import { FormFoot } from '../kit/FormFoot'
import { NumberField } from '../kit/NumberField'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import type { StoredExercise } from './stored-exercise'
import { GearNeeds } from './GearNeeds'

interface ExerciseEditorProps {
  stored: StoredExercise | undefined
  gear: readonly GearKind[]
  onClose: () => void
  onStored: (stored: StoredExercise) => void
  onRemoved: (id: string) => void
}

const blank = (): Exercise => ({
  id: nanoid(10),
  name: '',
  regions: ['lower'],
  pattern: 'squat',
  stance: 'standing',
  impact: 'none',
  oneSided: false,
  gear: [],
  asks: [],
  met: { low: 3, high: 5 },
  space: { lengthMetres: 2, widthMetres: 1.5 },
  setUp: '',
  points: [],
  fault: '',
  breathing: 'Breathe out on the effort.',
  repStandard: '',
  options: [],
})

const strains = Strain.options.map((value) => ({ value, label: strainNames[value] }))
const rungs = [
  { value: 'easier', label: 'easier' },
  { value: 'harder', label: 'harder' },
  { value: 'substitute', label: 'instead' },
]

/** Fields that have no place of their own for what is wrong with them. */
const fieldNames = {
  'met.low': 'MET, least',
  'met.high': 'MET, most',
  met: 'MET',
  'space.lengthMetres': 'Floor a person, long',
  'space.widthMetres': 'Floor a person, wide',
  clearMetres: 'Clear height',
  'pace.low': 'Rep pace, the quick',
  'pace.typical': 'Rep pace, most people',
  'pace.high': 'Rep pace, the slow',
  pace: 'Rep pace',
  points: 'Form points',
  repStandard: 'What counts as a rep',
  breathing: 'Breathing',
}

/** A form for an exercise and its ladder of options. What is typed stays until it is stored or given up. */
export function ExerciseEditor({ stored, gear, onClose, onStored, onRemoved }: ExerciseEditorProps) {
  const form = useDocumentForm<Exercise>({
    schema: Exercise,
    path: '/api/exercises',
    key: 'exercise',
    stored,
    blank,
    onStored,
    onErased: onRemoved,
  })
  const { draft, set, errorOf, problems } = form
  const setOption = (at: number, change: Partial<Option>) =>
    set({ options: draft.options.map((option, index) => (index === at ? { ...option, ...change } : option)) })

  return (
    <FormDialog dirty={form.dirty} onClose={onClose} title={stored ? stored.document.name : 'New exercise'} size="xl">
      <Troubles
        problems={problems}
        at={['name', 'regions', 'setUp', 'fault', ...draft.options.map((_, index) => `options[${index}].name`)]}
        names={fieldNames}
      />
      <div className="exercise-form">
        <TextInput
          className="is-whole"
          label="Name"
          value={draft.name}
          error={errorOf('name')}
          onChange={(event) => set({ name: event.currentTarget.value })}
          data-autofocus
        />
        <MultiSelect
          label="Regions, first the main one"
          data={Region.options}
          value={draft.regions}
          error={errorOf('regions')}
          onChange={(regions) => set({ regions: regions as Region[] })}
        />
        <Select
          label="Movement"
          data={Pattern.options}
          value={draft.pattern}
          allowDeselect={false}
          onChange={(pattern) => set({ pattern: pattern as Pattern })}
        />
        <Select
          label="Done"
          data={Stance.options}
          value={draft.stance}
          allowDeselect={false}
          onChange={(stance) => set({ stance: stance as Stance })}
        />
        <Select
          label="Impact"
          data={Impact.options}
          value={draft.impact}
          allowDeselect={false}
          onChange={(impact) => set({ impact: impact as Impact })}
        />
        <MultiSelect
          className="is-half"
          label="Asks of"
          data={strains}
          value={draft.asks}
          onChange={(asks) => set({ asks: asks as Strain[] })}
        />
        <Checkbox
          className="field-check"
          label="One side at a time"
          checked={draft.oneSided}
          onChange={(event) => set({ oneSided: event.currentTarget.checked })}
        />
        <Textarea
          className="is-whole"
          label="Set-up"
          autosize
          value={draft.setUp}
          error={errorOf('setUp')}
          onChange={(event) => set({ setUp: event.currentTarget.value })}
        />
        <TagsInput
          className="is-whole"
          label="Form points, Enter after each"
          maxTags={5}
          value={draft.points}
          onChange={(points) => set({ points })}
        />
        <Textarea
          className="is-half"
          label="Usual fault and its correction"
          autosize
          value={draft.fault}
          error={errorOf('fault')}
          onChange={(event) => set({ fault: event.currentTarget.value })}
        />
        <TextInput
          className="is-half"
          label="What counts as a rep"
          value={draft.repStandard}
          onChange={(event) => set({ repStandard: event.currentTarget.value })}
        />
        <TextInput
          className="is-half"
          label="Breathing"
          value={draft.breathing}
          onChange={(event) => set({ breathing: event.currentTarget.value })}
        />
        <Numbers
          label="MET"
          unit=""
          values={[draft.met.low, draft.met.high]}
          names={['least', 'most']}
          onChange={([low, high]) => set({ met: { low: low!, high: high! } })}
        />
        <Numbers
          label="Floor a person, m"
          unit="m"
          values={[draft.space.lengthMetres, draft.space.widthMetres]}
          names={['long', 'wide']}
          onChange={([lengthMetres, widthMetres]) => set({ space: { lengthMetres: lengthMetres!, widthMetres: widthMetres! } })}
        />
        <NumberField
          label="Clear height, m"
          placeholder="standing room"
          decimals={2}
          value={draft.clearMetres}
          onChange={(clearMetres) => set({ clearMetres })}
        />
        <PaceFields value={draft.pace} onChange={(pace) => set({ pace })} />
      </div>
      <h3>Gear</h3>
      <GearNeeds needs={draft.gear} gear={gear} onChange={(needs: GearNeed[]) => set({ gear: needs })} />
      <h3>Options, from the nearest</h3>
      {draft.options.map((option, index) => (
        <fieldset className="option-form" key={option.id}>
          <legend>{option.name || `Option ${index + 1}`}</legend>
          <div className="exercise-form">
            <Select
              label="Rung"
              data={rungs}
              value={option.rung}
              allowDeselect={false}
              onChange={(rung) => setOption(index, { rung: rung as Option['rung'] })}
            />
            <TextInput
              className="is-half"
              label="Name"
              value={option.name}
              error={errorOf(`options[${index}].name`)}
              onChange={(event) => setOption(index, { name: event.currentTarget.value })}
            />
            <Button
              className="field-check"
              variant="default"
              size="xs"
              onClick={() => set({ options: draft.options.filter((_, at) => at !== index) })}
            >
              Take out
            </Button>
            <MultiSelect
              className="is-half"
              label="Asks of"
              data={strains}
              value={option.asks}
              onChange={(asks) => setOption(index, { asks: asks as Strain[] })}
            />
            <Select
              label="Done"
              data={[{ value: '', label: 'as the exercise' }, ...Stance.options]}
              value={option.stance ?? ''}
              allowDeselect={false}
              onChange={(stance) => setOption(index, { stance: (stance || undefined) as Stance | undefined })}
            />
            <Checkbox
              className="field-check"
              label="One side at a time"
              checked={option.oneSided}
              onChange={(event) => setOption(index, { oneSided: event.currentTarget.checked })}
            />
          </div>
          <GearNeeds needs={option.gear} gear={gear} onChange={(needs: GearNeed[]) => setOption(index, { gear: needs })} />
        </fieldset>
      ))}
      <Button
        size="xs"
        variant="default"
        disabled={draft.options.length >= 12}
        onClick={() =>
          set({ options: [...draft.options, { id: nanoid(10), name: '', rung: 'easier', gear: [], oneSided: false, asks: [] }] })
        }
      >
        Add an option
      </Button>
      <FormFoot busy={form.busy} onStore={form.store} onErase={form.erase} />
    </FormDialog>
  )
}

function Numbers({
  label,
  unit,
  values,
  names,
  onChange,
}: {
  label: string
  unit: string
  values: number[]
  names: string[]
  onChange: (values: number[]) => void
}) {
  return (
    <fieldset className="numbers">
      <legend>{label}</legend>
      {values.map((value, index) => (
        <NumberField
          key={names[index]}
          aria-label={`${label}, ${names[index]}`}
          decimals={2}
          unit={unit}
          value={value}
          onChange={(next) => onChange(values.map((value, at) => (at === index ? (next ?? NaN) : value)))}
        />
      ))}
    </fieldset>
  )
}

/** Seconds a rep of its own, or none: then the hall's common pace holds. */
function PaceFields({ value, onChange }: { value: Exercise['pace']; onChange: (pace: Exercise['pace']) => void }) {
  return (
    <div className="is-half">
      <Checkbox
        label="A rep pace of its own, seconds"
        checked={value !== undefined}
        onChange={(event) => onChange(event.currentTarget.checked ? { low: 1, typical: 2.4, high: 3 } : undefined)}
      />
      {value && (
        <Numbers
          label="The quick, most people, the slow"
          unit="s"
          values={[value.low, value.typical, value.high]}
          names={['quick', 'most', 'slow']}
          onChange={([low, typical, high]) => onChange({ low: low!, typical: typical!, high: high! })}
        />
      )}
    </div>
  )
}
