import { limits } from '@core/base/limits'
import { DraftField } from '../../kit/DraftField'
import { countNotation } from '../../kit/notation'
import { setOrDrop } from '../shared/set-or-drop'
import { useClass } from '../shared/context'
import styles from './people.module.css'

/** How many more are here of whom nobody takes the names: the room counts off, and looks for its numbers. */
export function HeadCount() {
  const { document, change } = useClass()
  return (
    <div>
      <DraftField
        label="Without names"
        placeholder="how many"
        optional
        notation={countNotation(1, limits.people - document.here.length)}
        value={document.headCount}
        onChange={(count) => change((draft) => setOrDrop(draft, 'headCount', count))}
      />
      {document.headCount !== undefined && <p className={`second ${styles.peopleCounted}`}>Let them count off: 1A, 1B, 2A …</p>}
    </div>
  )
}
