import { useEffect, useState } from 'react'
import { limits } from '@core/base/limits'
import { useTaken } from './unsaved'
import styles from './in-place.module.css'

interface NameInPlaceProps {
  level: 1 | 2
  label: string
  name: string
  /** Each name that can be taken, as it is typed; or with `whole`, when the typing has ended. */
  onName: (name: string) => void
  whole?: boolean
}

/** A heading that is a name; pressed, a field of it. What cannot be taken stays in it, with the reason. */
export function NameInPlace({ level, label, name, onName, whole = false }: NameInPlaceProps) {
  const [writing, setWriting] = useState(false)
  const [text, setText] = useState(name)
  // Undo, redo or another window changed it.
  useEffect(() => setText((now) => (now.trim() === name ? now : name)), [name])
  const kept = text.trim()
  const wrong = kept === '' ? 'Give it a name' : kept.length > limits.nameLength ? `At most ${limits.nameLength} characters` : undefined
  useTaken(wrong === undefined)
  const Heading = `h${level}` as const
  if (!writing)
    return (
      <Heading className={styles.name}>
        <button type="button" className={styles.inPlace} title="Change the name" onClick={() => setWriting(true)}>
          {name}
        </button>
      </Heading>
    )
  return (
    <span className={styles.naming}>
      <Heading className="visually-hidden">{name}</Heading>
      <input
        className={`${styles.inPlace} ${styles.nameField}`}
        aria-label={label}
        aria-invalid={wrong !== undefined}
        // oxlint-disable-next-line jsx-a11y/no-autofocus -- it stands in the place of what was pressed
        autoFocus
        value={text}
        size={Math.max(8, text.length)}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => {
          const next = event.currentTarget.value
          setText(next)
          const taken = next.trim()
          if (!whole && taken !== '' && taken.length <= limits.nameLength && taken !== name) onName(taken)
        }}
        onBlur={() => {
          if (wrong) return
          setWriting(false)
          if (whole && kept !== name) onName(kept)
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') setText(name)
          if (event.key === 'Enter') event.currentTarget.blur()
        }}
      />
      {wrong && (
        <span role="alert" className={styles.wrong}>
          {wrong}
        </span>
      )}
    </span>
  )
}
