import { Button, Select } from '@mantine/core'
import type { Seconds } from '@core/base/units'
import { formOf } from '@core/library/form'
import { starterOf, withExercise } from '@core/plan/edit/use'
import type { Sides, Stay } from '@core/plan/plan'
import { TimeField } from '../../kit/DraftField'
import { useClass } from '../shared/context'
import { ExercisePicker } from '../shared/ExercisePicker'
import { become, setOrDrop } from '../shared/set-or-drop'
import { choice, type UsePartProps } from './use-part'
import { UseCounts } from './UseCounts'
import { UseDetails } from './UseDetails'
import { UseInstead } from './UseInstead'
import { UseLoad } from './UseLoad'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

interface UseFieldsProps extends UsePartProps {
  stay: Stay
  laps: number | undefined
  number: number
  several: boolean
  onSides: (sides: Sides) => void
  /** Between the intervals of its two sides, where each has its own. */
  rest?: { seconds: Seconds; onChange: (seconds: Seconds) => void } | undefined
  onRemove: () => void
  onUp: (() => void) | undefined
}

/** One exercise's place in a stay, with all that can be said of how it is done. */
export function UseFields({ use, stay, laps, number, several, onChange, onSides, rest, onRemove, onUp }: UseFieldsProps) {
  const { library } = useClass()
  const exercise = library.exercises.find((exercise) => exercise.id === use.exerciseId)
  const task = stay.kind === 'task'
  const usesGear = exercise && formOf(exercise, use.optionId).gear.length > 0
  const title = exercise?.name ?? use.exerciseId
  return (
    <fieldset className={styles.use}>
      <legend className={several ? undefined : 'visually-hidden'}>
        {number}. {title}
      </legend>
      <div className={styles.fields}>
        {several && (
          <div className="draft-field is-wide">
            <div className="draft-label">Exercise</div>
            <ExercisePicker
              label={`Exercise ${number}`}
              value={use.exerciseId}
              onChange={(exerciseId) => {
                if (exerciseId === undefined) return onRemove()
                onChange((draft) => become(draft, withExercise(use, starterOf(library.exercises, exerciseId), stay)))
              }}
            />
          </div>
        )}
        {exercise && exercise.options.length > 0 && (
          <Select
            label="Option for everyone"
            classNames={{ ...choice, root: 'draft-field is-wide' }}
            data={[
              { value: '', label: exercise.name },
              ...exercise.options.map((option) => ({
                value: option.id,
                label: `${option.rung === 'substitute' ? 'instead' : option.rung}: ${option.name}`,
              })),
            ]}
            value={use.optionId ?? ''}
            allowDeselect={false}
            onChange={(id) => onChange((draft) => setOrDrop(draft, 'optionId', id || undefined))}
          />
        )}
        <UseCounts use={use} onChange={onChange} task={task} onSides={onSides} />
        {rest && use.sides === 'ownInterval' && (
          <TimeField label="Between sides" value={rest.seconds} least={0} most={3600} onChange={rest.onChange} />
        )}
      </div>
      <div className={styles.fields}>
        <UseLoad use={use} onChange={onChange} />
      </div>
      <div className={styles.fields}>
        <UseDetails use={use} onChange={onChange} />
        {(usesGear || use.alternatives) && <UseInstead use={use} onChange={onChange} />}
      </div>
      {use.sides === 'byLap' && laps !== undefined && laps % 2 === 1 && (
        <p className={kit.mend}>
          One side is left short: {laps} {laps === 1 ? 'lap' : 'laps'}.
        </p>
      )}
      {several && (
        <div className={styles.pieceBar}>
          <Button size="compact-sm" variant="default" disabled={!onUp} onClick={onUp}>
            Earlier
          </Button>
          <Button size="compact-sm" variant="default" onClick={onRemove}>
            Take out
          </Button>
        </div>
      )}
    </fieldset>
  )
}
