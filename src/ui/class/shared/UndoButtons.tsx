import { useStore } from 'zustand'
import { useClass } from './context'
import styles from '../head.module.css'

/** Undo and redo, of changes on any tab. */
export function UndoButtons() {
  const { store } = useClass()
  const past = useStore(store.temporal, (state) => state.pastStates.length)
  const future = useStore(store.temporal, (state) => state.futureStates.length)
  const { undo, redo } = store.temporal.getState()
  return (
    <span className={styles.undo}>
      <button type="button" className={styles.more} disabled={past === 0} aria-label="Undo" title="Undo" onClick={() => undo()}>
        ↶
      </button>
      <button type="button" className={styles.more} disabled={future === 0} aria-label="Redo" title="Redo" onClick={() => redo()}>
        ↷
      </button>
    </span>
  )
}
