import { useId, useRef, useState, type CSSProperties } from 'react'
import { useDraft } from '../../../kit/use-draft'
import { meansNone, notationOf, type FigureSlot } from './slot-notation'
import styles from './sentence.module.css'

interface FigureFieldProps<Of> {
  slot: FigureSlot<Of>
  /** Says that somebody begins to type here. */
  onBegin: () => void
  /** Takes the value, or says why it cannot be. */
  onSet: (value: unknown) => string | undefined
  /** Takes the words away that it stands in; left out where they always stand. */
  onWithout: (() => void) | undefined
}

/** A figure of the sentence, typed over where it stands. What cannot be taken stays in it, with the reason beside. */
export function FigureField<Of>({ slot, onBegin, onSet, onWithout }: FigureFieldProps<Of>) {
  const from = useRef(typeof slot.value === 'number' ? slot.value : 0)
  const [refused, setRefused] = useState<string>()
  const reason = useId()
  const draft = useDraft<unknown>({
    value: slot.value,
    notation: notationOf(slot, from.current),
    onChange: (value) => value !== undefined && setRefused(onSet(value)),
  })
  const isNone = onWithout !== undefined && meansNone(slot, draft.text)
  const wrong = isNone ? undefined : (draft.wrong ?? refused)
  const isText = slot.kind === 'text' || slot.kind === 'cycle' || slot.kind === 'dose'
  return (
    <span className={styles.figureBox}>
      <input
        ref={draft.field}
        data-slot={slot.slot}
        className={`${styles.slot} ${isText ? styles.text : styles.figure}`}
        style={{ '--letters': Math.max(1, draft.text.length) } as CSSProperties}
        aria-label={slot.label}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : reason}
        value={draft.text}
        inputMode={slot.kind === 'count' ? 'numeric' : 'text'}
        autoComplete="off"
        onFocus={(event) => {
          if (typeof slot.value === 'number') from.current = slot.value
          onBegin()
          draft.focus()
          event.currentTarget.select()
        }}
        onBlur={() => {
          setRefused(undefined)
          if (isNone) onWithout()
          else draft.blur()
        }}
        onChange={(event) => draft.type(event.currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') draft.reset()
          draft.step(event)
        }}
      />
      {wrong !== undefined && (
        <span id={reason} role="alert" className={styles.wrong}>
          {wrong}
        </span>
      )}
    </span>
  )
}
