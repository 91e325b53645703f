import styles from './sentence.module.css'

interface WordChoiceProps {
  slot: string
  label: string
  value: string
  /** What stands in the sentence, if it is not just the choice's words. */
  words?: string
  choices: readonly { value: string; words: string }[]
  onBegin?: () => void
  onChange: (value: string) => void
}

/** Words of the sentence that can be others: the system's own list of choices under the words that are read. */
export function WordChoice({ slot, label, value, words, choices, onBegin, onChange }: WordChoiceProps) {
  const shown = words ?? choices.find((choice) => choice.value === value)?.words ?? value
  return (
    <span className={`${styles.slot} ${styles.choice}`}>
      <span aria-hidden>{shown}</span>
      <select data-slot={slot} aria-label={label} value={value} onFocus={onBegin} onChange={(event) => onChange(event.currentTarget.value)}>
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.words}
          </option>
        ))}
      </select>
    </span>
  )
}
