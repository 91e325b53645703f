import { useRef } from 'react'

/** How long the lock is held to open it. */
const holdMs = 1000

/** Locks the controls against stray touches; only the stop stays live. Opened by holding it, with finger or key. */
export function LockButton({ locked, onLock }: { locked: boolean; onLock: (locked: boolean) => void }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  // The press that opened it must not lock it again as it ends.
  const opened = useRef(false)
  const begin = () => {
    opened.current = false
    if (!locked) return
    clearTimeout(timer.current)
    timer.current = setTimeout(() => {
      opened.current = true
      onLock(false)
    }, holdMs)
  }
  const end = () => clearTimeout(timer.current)
  return (
    <button
      type="button"
      className="small-button"
      aria-pressed={locked}
      onClick={() => !locked && !opened.current && onLock(true)}
      onPointerDown={(event) => {
        // The finger may slip: what counts is that it stays down.
        event.currentTarget.setPointerCapture(event.pointerId)
        begin()
      }}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && !event.repeat && begin()}
      onKeyUp={end}
      onBlur={end}
    >
      {locked ? 'Locked: hold to open' : 'Lock'}
    </button>
  )
}
