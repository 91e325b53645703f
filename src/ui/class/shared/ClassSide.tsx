import { useState, type ReactNode } from 'react'
import styles from './side.module.css'

interface ClassSideProps {
  label: string
  /** What its handle says where it is a sheet at the foot of the screen. */
  summary: string
  children: ReactNode
}

/** What stands beside a view of the class; on a narrow screen a sheet at its foot, drawn up by its handle. */
export function ClassSide({ label, summary, children }: ClassSideProps) {
  const [open, setOpen] = useState(false)
  return (
    <aside className={styles.side} aria-label={label} data-open={open}>
      <button type="button" className={styles.handle} aria-expanded={open} onClick={() => setOpen(!open)}>
        <span aria-hidden>{open ? '▾' : '▴'}</span> {summary}
      </button>
      <div className={styles.body}>{children}</div>
    </aside>
  )
}
