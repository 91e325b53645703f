import { lazy, Suspense, useState } from 'react'
import styles from './head.module.css'

// Fetched, open, when it is first asked for.
const ClassMenuOpen = lazy(async () => ({ default: (await import('./ClassMenuOpen')).ClassMenuOpen }))

/** What can be done with the class as a whole. */
export function ClassMenu() {
  const [opened, setOpened] = useState(false)
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
  if (!opened) return button
  return (
    <Suspense fallback={button}>
      <ClassMenuOpen target={button} onClose={() => setOpened(false)} />
    </Suspense>
  )
}
