import { Button } from '@mantine/core'
import { useState, type ReactNode } from 'react'
import { GiveUp } from './FormDialog'
import kit from './kit.module.css'

interface FormFootProps {
  busy: boolean
  onStore: () => void
  /** Erasing asks once more, as nothing brings it back. */
  onErase?: (() => void) | undefined
  children?: ReactNode
}

/** The foot of a form in a dialog: store, give up, and, for what is stored already, erase. */
export function FormFoot({ busy, onStore, onErase, children }: FormFootProps) {
  const [sure, setSure] = useState(false)
  return (
    <div className={kit.dialogFoot}>
      {onErase && (
        <span className={kit.dialogLeft}>
          {children}
          <Button variant="default" disabled={busy} onClick={() => (sure ? onErase() : setSure(true))}>
            {sure ? 'Erase for good: press again' : 'Erase'}
          </Button>
        </span>
      )}
      <GiveUp />
      <Button loading={busy} onClick={onStore}>
        Save
      </Button>
    </div>
  )
}
