import { useState, type ReactNode } from 'react'

/** What is not needed every day, behind one press; it is not there at all until then. */
export function More({ summary, children }: { summary: string; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <details className="more" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{summary}</summary>
      {open && <div className="more-body">{children}</div>}
    </details>
  )
}
