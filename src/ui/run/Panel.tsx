import { useEffect, useRef, type ReactNode } from 'react'
import styles from './panel.module.css'

interface PanelProps {
  title: string
  onClose: () => void
  /** What a press in it did: in sight however far the panel is scrolled. */
  told?: ReactNode
  children: ReactNode
}

/** A sheet over the controls. Not modal: stopping the room stays one press away. */
export function Panel({ title, onClose, told, children }: PanelProps) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.show(), [])
  return (
    <dialog
      ref={dialog}
      className={styles.runPanel}
      aria-label={title}
      onClose={onClose}
      onKeyDown={(event) => event.key === 'Escape' && dialog.current?.close()}
    >
      <div className={styles.runPanelHead}>
        <header>
          <h2>{title}</h2>
          <button type="button" className="small-button" onClick={() => dialog.current?.close()}>
            Close
          </button>
        </header>
        {told}
      </div>
      {children}
    </dialog>
  )
}
