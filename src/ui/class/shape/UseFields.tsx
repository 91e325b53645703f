import { Button, Select } from '@mantine/core'
import { limits } from '@core/base/limits'
import { readCycle, showCycle } from '@core/plan/words/notation'
import type { Level } from '@core/library/level'
import type { Sides, Stay, Use } from '@core/plan/plan'
import { countNotation, decimalNotation, DraftField, textNotation, timeNotation, type Notation } from '../../kit/DraftField'
import { useClass } from '../shared/context'
import { ExercisePicker } from '../shared/ExercisePicker'
import { setOrDrop } from '../shared/set-or-drop'
import { choicesOf, doseNotation, repsNotation, countedNames, sideNames, tempoNotation, type Reps, type TempoOf } from './use-words'

interface UseFieldsProps {
  use: Use
  stay: Stay
  laps: number | undefined
  number: number
  several: boolean
  onChange: (recipe: (draft: Use) => void) => void
  onRemove: () => void
  onUp: (() => void) | undefined
}

type Cycle = NonNullable<Use['inner']>['cycle']

const choice = { root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }

const levels: Level[] = ['newcomer', 'regular', 'trained']

const cycleNotation: Notation<Cycle> = { show: showCycle, read: readCycle, allowed: 'Such as 5 squats + 3 jumps' }

/** One exercise's place in a stay, with all that can be said of how it is done. */
export function UseFields({ use, stay, laps, number, several, onChange, onRemove, onUp }: UseFieldsProps) {
  const { library } = useClass()
  const exercise = library.exercises.find((exercise) => exercise.id === use.exerciseId)
  const task = stay.kind === 'task'
  const title = exercise?.name ?? use.exerciseId
  return (
    <fieldset className="use">
      <legend className={several ? undefined : 'visually-hidden'}>
        {number}. {title}
      </legend>
      <div className="fields">
        {several && (
          <div className="draft-field is-wide">
            <div className="draft-label">Exercise</div>
            <ExercisePicker
              label={`Exercise ${number}`}
              value={use.exerciseId}
              onChange={(exerciseId) => {
                if (exerciseId === undefined) return onRemove()
                onChange((draft) => {
                  draft.exerciseId = exerciseId
                  delete draft.optionId
                })
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
        <Select
          label="Sides"
          classNames={choice}
          data={choicesOf(sideNames)}
          value={use.sides}
          allowDeselect={false}
          onChange={(sides) => onChange((draft) => void (draft.sides = sides as Sides))}
        />
        {task && (
          <DraftField
            label="Or a time"
            optional
            value={use.seconds}
            notation={timeNotation(1, 3600)}
            placeholder="none"
            onChange={(seconds) => onChange((draft) => setOrDrop(draft, 'seconds', seconds))}
          />
        )}
        <DraftField
          label="Reps"
          optional
          value={use.reps}
          notation={repsNotation}
          placeholder={task ? '' : 'as many as come'}
          onChange={(reps) => onChange((draft) => setOrDrop(draft, 'reps', reps && { ...reps, counted: draft.reps?.counted ?? 'total' }))}
        />
        <Select
          label="called"
          classNames={choice}
          disabled={!use.reps}
          data={choicesOf(countedNames)}
          value={use.reps?.counted ?? 'total'}
          allowDeselect={false}
          onChange={(counted) => onChange((draft) => draft.reps && void (draft.reps.counted = counted as Reps['counted']))}
        />
      </div>
      <div className="fields">
        <DraftField
          label="Tempo"
          optional
          value={use.tempo?.figures}
          notation={tempoNotation}
          placeholder="4-2-1-0"
          onChange={(figures) => onChange((draft) => setOrDrop(draft, 'tempo', figures && { figures, from: draft.tempo?.from ?? 'top' }))}
        />
        <Select
          label="from the"
          classNames={choice}
          disabled={!use.tempo}
          data={['top', 'bottom']}
          value={use.tempo?.from ?? 'top'}
          allowDeselect={false}
          onChange={(from) => onChange((draft) => draft.tempo && void (draft.tempo.from = from as TempoOf['from']))}
        />
        <DraftField
          label="Load, kg"
          optional
          value={use.load?.kilograms}
          notation={decimalNotation(0.1, 500, 'kilograms')}
          placeholder="own"
          onChange={(kilograms) => onChange((draft) => setOrDrop(draft, 'load', kilograms === undefined ? undefined : { kilograms }))}
        />
        <DraftField
          label="Effort"
          wide
          optional
          value={use.effort}
          notation={textNotation(limits.nameLength)}
          placeholder="steady, 70–80 % of best pace"
          onChange={(effort) => onChange((draft) => setOrDrop(draft, 'effort', effort))}
        />
        <DraftField
          label="Machine"
          optional
          value={use.machine}
          notation={textNotation(limits.nameLength)}
          placeholder="4 km/h"
          onChange={(machine) => onChange((draft) => setOrDrop(draft, 'machine', machine))}
        />
      </div>
      <div className="fields">
        <DraftField
          label="Small cycle inside it"
          wide
          optional
          value={use.inner?.cycle}
          notation={cycleNotation}
          placeholder="5 squats + 3 jumps"
          onChange={(cycle) => onChange((draft) => setOrDrop(draft, 'inner', cycle && { ...draft.inner, cycle }))}
        />
        <DraftField
          label="Aim, cycles"
          optional
          value={use.inner?.aim}
          disabled={!use.inner}
          notation={countNotation(1, limits.reps)}
          placeholder="none"
          onChange={(aim) => onChange((draft) => draft.inner && setOrDrop(draft.inner, 'aim', aim))}
        />
        {levels.map((level) => (
          <DraftField
            key={level}
            label={`If ${level}`}
            optional
            value={use.dose?.[level]}
            notation={doseNotation}
            placeholder="same"
            onChange={(own) =>
              onChange((draft) => {
                const dose = { ...draft.dose, ...(own && { [level]: own }) }
                if (!own) delete dose[level]
                setOrDrop(draft, 'dose', Object.keys(dose).length > 0 ? dose : undefined)
              })
            }
          />
        ))}
        <DraftField
          label="Note"
          wide
          optional
          value={use.note || undefined}
          notation={textNotation(limits.noteLength)}
          onChange={(note) => onChange((draft) => setOrDrop(draft, 'note', note))}
        />
      </div>
      {use.sides === 'byLap' && laps !== undefined && laps % 2 === 1 && (
        <p className="mend">
          One side is left short: {laps} {laps === 1 ? 'lap' : 'laps'}.
        </p>
      )}
      {several && (
        <div className="piece-bar">
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
