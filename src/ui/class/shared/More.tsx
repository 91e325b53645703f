import { useState, type ReactNode } from 'react'
import styles from '../class.module.css'

/** What is not needed every day, behind one press; it is not there at all until then. */
export function More({ summary, children }: { summary: string; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <details className={styles.more} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{summary}</summary>
      {open && <div className={styles.moreBody}>{children}</div>}
    </details>
  )
}
