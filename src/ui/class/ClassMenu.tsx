import { useRef, useState } from 'react'
import { onDemand } from '../kit/on-demand'
import styles from './head.module.css'

// Fetched, open, when it is first asked for.
const ClassMenuOpen = onDemand(async () => (await import('./ClassMenuOpen')).ClassMenuOpen)

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
  return <span ref={place}>{opened ? <ClassMenuOpen target={button} onClose={close} /> : button}</span>
}
