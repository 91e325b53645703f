import { useId, useState } from 'react'
import type { Notation } from '../../../kit/notation'
import { useDraft } from '../../../kit/use-draft'
import sentence from '../sentence/sentence.module.css'
import styles from './differ.module.css'

interface DifferCellProps {
  label: string
  notation: Notation<unknown>
  value: unknown
  onBegin: () => void
  /** Takes the value, nothing for the same as always; or says why it cannot be. */
  onSet: (value: unknown) => string | undefined
  /** Takes figures from here on, if the text is some; else false. */
  onFill: (text: string) => string | undefined | false
}

/** A figure at one lap or time. Emptied, it is as always; several with - between fill along. */
export function DifferCell({ label, notation, value, onBegin, onSet, onFill }: DifferCellProps) {
  const [refused, setRefused] = useState<string>()
  const reason = useId()
  const draft = useDraft<unknown>({ value, notation, optional: true, onChange: (next) => next !== undefined && setRefused(onSet(next)) })
  const wrong = draft.wrong ?? refused
  const take = () => {
    if (draft.empty) onSet(undefined)
    else if (draft.wrong !== undefined) {
      const filled = onFill(draft.text)
      if (filled === false) return
      setRefused(filled)
      if (filled === undefined) draft.reset()
    }
    draft.blur()
  }
  return (
    <span className={sentence.figureBox}>
      <input
        ref={draft.field}
        className={styles.cell}
        size={Math.max(4, draft.text.length)}
        aria-label={label}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : reason}
        value={draft.text}
        autoComplete="off"
        onFocus={(event) => {
          onBegin()
          draft.focus()
          event.currentTarget.select()
        }}
        onBlur={take}
        onChange={(event) => draft.type(event.currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take()
          else draft.step(event)
        }}
      />
      {wrong !== undefined && (
        <span id={reason} role="alert" className={sentence.wrong}>
          {wrong}
        </span>
      )}
    </span>
  )
}
