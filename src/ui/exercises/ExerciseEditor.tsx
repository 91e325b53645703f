import { Button } from '@mantine/core'
import { nanoid } from 'nanoid'
import { AskedExercise, type Exercise, type GearNeed, type Option } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import { commonSettings } from '@core/library/hall-settings'
import { FormDialog } from '../kit/FormDialog'
import { FormFoot } from '../kit/FormFoot'
import { Troubles } from '../kit/Troubles'
import { useDocumentForm } from '../kit/use-document-form'
import type { StoredExercise } from './stored-exercise'
import { ExerciseFields } from './ExerciseFields'
import { GearNeeds } from './GearNeeds'
import { OptionForm } from './OptionForm'
import { PictureField } from './picture/PictureField'

interface ExerciseEditorProps {
  stored: StoredExercise | undefined
  /** With whose pictures one can begin. */
  exercises: readonly Exercise[]
  gear: readonly GearKind[]
  onClose: () => void
  onStored: (stored: StoredExercise) => void
  onRemoved: (id: string) => void
}

/** What the class is judged by stands open until it is chosen. */
type Unchosen = Omit<Exercise, 'pattern' | 'stance' | 'impact'>

/** An option begins with what the exercise has: to need no gear is a choice. */
const newOption = ({ gear, oneSided, asks }: Exercise): Option => ({ id: nanoid(10), name: '', rung: 'easier', gear, oneSided, asks })

const blank = (): Unchosen => ({
  id: nanoid(10),
  name: '',
  regions: [],
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
export function ExerciseEditor({ stored, exercises, gear, onClose, onStored, onRemoved }: ExerciseEditorProps) {
  const form = useDocumentForm<Exercise>({
    schema: AskedExercise,
    path: '/api/exercises',
    key: 'exercise',
    stored,
    blank: () => blank() as Exercise,
    onStored,
    onErased: onRemoved,
  })
  const { draft, set, errorOf, problems } = form
  const repSeconds = (draft.pace ?? commonSettings.repPace).typical
  const setOption = (at: number, change: Partial<Option>) =>
    set({ options: draft.options.map((option, index) => (index === at ? { ...option, ...change } : option)) })

  return (
    <FormDialog dirty={form.dirty} onClose={onClose} title={stored ? stored.document.name : 'New exercise'} size="xl">
      <Troubles
        problems={problems}
        at={[
          'name',
          'regions',
          'pattern',
          'stance',
          'impact',
          'setUp',
          'fault',
          ...draft.options.map((_, index) => `options[${index}].name`),
        ]}
        names={fieldNames}
      />
      <ExerciseFields draft={draft} set={set} errorOf={errorOf} />
      <h3>How it looks</h3>
      <PictureField
        name={draft.name}
        figure={draft.figure}
        repSeconds={repSeconds}
        exercises={exercises}
        onChange={(figure) => set({ figure })}
      />
      <h3>Gear</h3>
      <GearNeeds needs={draft.gear} gear={gear} onChange={(needs: GearNeed[]) => set({ gear: needs })} />
      <h3>Options, from the nearest</h3>
      {draft.options.map((option, index) => (
        <OptionForm
          key={option.id}
          option={option}
          number={index + 1}
          gear={gear}
          picture={
            <PictureField
              name={option.name}
              figure={option.figure}
              inherited={draft.figure}
              repSeconds={(option.pace ?? draft.pace ?? commonSettings.repPace).typical}
              exercises={exercises}
              onChange={(figure) => setOption(index, { figure })}
            />
          }
          nameError={errorOf(`options[${index}].name`)}
          set={(change) => setOption(index, change)}
          onRemove={() => set({ options: draft.options.filter((_, at) => at !== index) })}
        />
      ))}
      <Button
        size="xs"
        variant="default"
        disabled={draft.options.length >= 12}
        onClick={() => set({ options: [...draft.options, newOption(draft)] })}
      >
        Add an option
      </Button>
      <FormFoot busy={form.busy} onStore={form.store} onErase={form.erase} />
    </FormDialog>
  )
}
