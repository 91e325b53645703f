import { Select } from '@mantine/core'
import type { Sides } from '@core/plan/plan'
import { DraftField, timeNotation } from '../../kit/DraftField'
import { setOrDrop } from '../shared/set-or-drop'
import { choice, type UsePartProps } from './use-part'
import { choicesOf, countedNames, repsNotation, sideNames, type Reps } from './use-words'

/** How much of it is done: sides, a time, reps and how they are called. */
export function UseCounts({ use, onChange, task, onSides }: UsePartProps & { task: boolean; onSides: (sides: Sides) => void }) {
  return (
    <>
      <Select
        label="Sides"
        classNames={choice}
        data={choicesOf(sideNames)}
        value={use.sides}
        allowDeselect={false}
        onChange={(sides) => onSides(sides as Sides)}
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
    </>
  )
}
