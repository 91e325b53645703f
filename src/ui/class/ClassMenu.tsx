import { lazy, Suspense, useRef, useState } from 'react'
import styles from './head.module.css'

// Fetched, open, when it is first asked for.
const ClassMenuOpen = lazy(async () => ({ default: (await import('./ClassMenuOpen')).ClassMenuOpen }))

/** What can be done with the class as a whole. */
export function ClassMenu() {
  const [opened, setOpened] = useState(false)
  const place = useRef<HTMLSpanElement>(null)
  const close = () => {
    setOpened(false)
    // The menu and its dialogs go with what they were opened from.
    setTimeout(() => document.activeElement === document.body && place.current?.querySelector('button')?.focus())
  }
  const button = (
    <button
      type="button"
      className={styles.more}
      aria-label="More for this class"
      aria-haspopup="menu"
      aria-expanded={opened}
      onClick={() => setOpened(true)}
    >
      ⋯
    </button>
  )
  return (
    <span ref={place}>
      {opened ? (
        <Suspense fallback={button}>
          <ClassMenuOpen target={button} onClose={close} />
        </Suspense>
      ) : (
        button
      )}
    </span>
  )
}
