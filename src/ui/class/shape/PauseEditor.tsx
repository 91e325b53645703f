import { Select } from '@mantine/core'
import { limits } from '@core/base/limits'
import type { Pause } from '@core/plan/schema'
import { pieceName, pauseNames } from '@core/summary/names'
import { TimeField, DraftField, textNotation } from '../../kit/DraftField'
import { usePlanEdits } from '../shared/context'
import { lazily } from '../../kit/lazily'
import { More } from '../shared/More'
import { setOrDrop } from '../shared/set-or-drop'
import { PartFields } from './PartFields'
import styles from '../class.module.css'

const VaryTable = lazily(async () => (await import('./VaryTable')).VaryTable, 'What differs')

export function PauseEditor({ pause }: { pause: Pause }) {
  const { editPiece } = usePlanEdits()
  const edit = (recipe: (draft: Pause) => void) => editPiece(pause, recipe)
  return (
    <div key={pause.id}>
      <h2>{pieceName(pause)}</h2>
      <div className={styles.fields}>
        <TimeField
          label="Length"
          value={pause.seconds}
          least={0}
          most={3600}
          onChange={(seconds) => edit((draft) => void (draft.seconds = seconds))}
        />
        <Select
          label="Kind"
          classNames={{ root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }}
          data={Object.entries(pauseNames).map(([value, label]) => ({ value, label }))}
          value={pause.kind}
          allowDeselect={false}
          onChange={(kind) => edit((draft) => void (draft.kind = kind as Pause['kind']))}
        />
        <DraftField
          label="Name"
          wide
          optional
          value={pause.name}
          notation={textNotation(limits.nameLength)}
          placeholder={pauseNames[pause.kind]}
          onChange={(name) => edit((draft) => setOrDrop(draft, 'name', name))}
        />
        <DraftField
          label="What the room reads"
          wide
          optional
          value={pause.note || undefined}
          notation={textNotation(limits.noteLength)}
          onChange={(note) => edit((draft) => setOrDrop(draft, 'note', note))}
        />
      </div>
      <More summary="Its part of the class">
        <PartFields pieceId={pause.id} />
        <VaryTable piece={pause} />
      </More>
    </div>
  )
}
