import { limits } from '@core/base/limits'
import type { Level } from '@core/library/level'
import type { Use } from '@core/plan/plan'
import { readCycle, showCycle } from '@core/plan/words/notation'
import { countNotation, DraftField, textNotation, type Notation } from '../../kit/DraftField'
import { setOrDrop } from '../shared/set-or-drop'
import type { UsePartProps } from './use-part'
import { doseNotation } from './use-words'

type Cycle = NonNullable<Use['inner']>['cycle']

const levels: Level[] = ['newcomer', 'regular', 'trained']

const cycleNotation: Notation<Cycle> = { show: showCycle, read: readCycle, allowed: 'Such as 5 squats + 3 jumps' }

/** The small cycle inside it, what each level does of it, and a note. */
export function UseDetails({ use, onChange }: UsePartProps) {
  return (
    <>
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
    </>
  )
}
