import { Checkbox, Select } from '@mantine/core'
import { limits } from '@core/base/limits'
import { PartRole } from '@core/plan/plan'
import { roleNames, roleOf } from '@core/plan/roles'
import { CountField, TimeField } from '../../kit/DraftField'
import { useClass, usePlanEdits } from '../shared/context'
import { setOrDrop } from '../shared/set-or-drop'
import { choice } from './use-part'
import styles from '../class.module.css'

/** What holds for the whole part that a piece is in: how often it is gone through, and whether it is only done if there is time. */
export function PartFields({ pieceId }: { pieceId: string }) {
  const { document } = useClass()
  const { editPlan } = usePlanEdits()
  const at = document.plan.parts.findIndex((part) => part.pieces.some((piece) => piece.id === pieceId))
  const part = document.plan.parts[at]
  if (!part) return null
  const others = part.pieces.length - 1
  const guessed = roleOf(document.plan, part)
  return (
    <div>
      {others > 0 && (
        <p className="second">
          This piece is in one part with {others === 1 ? 'another piece' : `${others} others`}: what is set here is for all of them.
        </p>
      )}
      <div className={styles.fields}>
        {guessed && (
          <Select
            label="What it is for"
            classNames={{ ...choice, root: 'draft-field is-wide' }}
            data={[
              { value: '', label: part.role ? 'guess it' : `${roleNames[guessed]} (guessed)` },
              ...PartRole.options.map((role) => ({ value: role, label: roleNames[role] })),
            ]}
            value={part.role ?? ''}
            allowDeselect={false}
            onChange={(role) => editPlan((draft) => setOrDrop(draft.parts[at]!, 'role', (role || undefined) as PartRole | undefined))}
          />
        )}
        <CountField
          label="Times through"
          value={part.repeat}
          least={1}
          most={limits.laps}
          onChange={(repeat) => editPlan((draft) => void (draft.parts[at]!.repeat = repeat))}
        />
        <TimeField
          label="Rest between"
          value={part.restBetweenSeconds}
          least={0}
          most={3600}
          disabled={part.repeat === 1}
          onChange={(seconds) => editPlan((draft) => void (draft.parts[at]!.restBetweenSeconds = seconds))}
        />
        <Checkbox
          className="field-check"
          label="Only if there is time"
          checked={part.optional}
          onChange={(event) => {
            const { checked } = event.currentTarget
            editPlan((draft) => void (draft.parts[at]!.optional = checked))
          }}
        />
      </div>
    </div>
  )
}
