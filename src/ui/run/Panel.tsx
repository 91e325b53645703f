import { useEffect, useRef, type ReactNode } from 'react'
import './panel.css'

/** A sheet over the controls. Not modal: stopping the room stays one press away. */
export function Panel({ title, onClose, children }: { title: string; onClose: () => void; children: ReactNode }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.show(), [])
  return (
    <dialog ref={dialog} className="run-panel" aria-label={title} onClose={onClose} onKeyDown={(event) => event.key === 'Escape' && dialog.current?.close()}>
      <header>
        <h2>{title}</h2>
        <button type="button" className="small-button" onClick={() => dialog.current?.close()}>
          Close
        </button>
      </header>
      {children}
    </dialog>
  )
}
