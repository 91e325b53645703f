import { Checkbox, MultiSelect, Select, TagsInput, Textarea, TextInput } from '@mantine/core'
import { Impact, Pattern, Region, Stance, type Exercise, type Strain } from '@core/library/exercise'
import { NumberField } from '../kit/NumberField'
import { strains } from './strain-choices'
import styles from './exercises.module.css'

interface ExerciseFieldsProps {
  draft: Exercise
  set: (change: Partial<Exercise>) => void
  errorOf: (field: string) => string | undefined
}

/** All that is known of the exercise itself. */
export function ExerciseFields({ draft, set, errorOf }: ExerciseFieldsProps) {
  return (
    <div className={styles.exerciseForm}>
      <TextInput
        className={styles.isWhole}
        label="Name"
        value={draft.name}
        error={errorOf('name')}
        onChange={(event) => set({ name: event.currentTarget.value })}
        data-autofocus
      />
      <TagsInput
        className={styles.isWhole}
        label="Also called"
        description="It is found by these too; Enter or a comma ends each"
        value={draft.aliases ?? []}
        error={errorOf('aliases')}
        maxTags={20}
        onChange={(aliases) => set({ aliases: aliases.length > 0 ? aliases : undefined })}
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
        value={draft.pattern ?? null}
        placeholder="Choose"
        error={errorOf('pattern')}
        allowDeselect={false}
        onChange={(pattern) => set({ pattern: pattern as Pattern })}
      />
      <Select
        label="Done"
        data={Stance.options}
        value={draft.stance ?? null}
        placeholder="Choose"
        error={errorOf('stance')}
        allowDeselect={false}
        onChange={(stance) => set({ stance: stance as Stance })}
      />
      <Select
        label="Impact"
        data={Impact.options}
        value={draft.impact ?? null}
        placeholder="Choose"
        error={errorOf('impact')}
        allowDeselect={false}
        onChange={(impact) => set({ impact: impact as Impact })}
      />
      <MultiSelect
        className={styles.isHalf}
        label="Loads"
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
        className={styles.isWhole}
        label="Set-up"
        autosize
        value={draft.setUp}
        error={errorOf('setUp')}
        onChange={(event) => set({ setUp: event.currentTarget.value })}
      />
      <TagsInput
        className={styles.isWhole}
        label="Form points, Enter after each"
        maxTags={5}
        value={draft.points}
        onChange={(points) => set({ points })}
      />
      <Textarea
        className={styles.isHalf}
        label="Usual fault and its correction"
        autosize
        value={draft.fault}
        error={errorOf('fault')}
        onChange={(event) => set({ fault: event.currentTarget.value })}
      />
      <TextInput
        className={styles.isHalf}
        label="What counts as a rep"
        value={draft.repStandard}
        onChange={(event) => set({ repStandard: event.currentTarget.value })}
      />
      <TextInput
        className={styles.isHalf}
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
    <fieldset className={styles.numbers}>
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
    <div className={styles.isHalf}>
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
