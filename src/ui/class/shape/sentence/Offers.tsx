import { useState } from 'react'
import styles from './sentence.module.css'

export interface OfferedWords {
  id: string
  words: string
  onAdd: () => void
}

/** Offers that are seen at once; the others are a press away. */
const few = 5

/** What the sentence could say besides. */
export function Offers({ offers, most = few }: { offers: readonly OfferedWords[]; most?: number }) {
  const [all, setAll] = useState(false)
  if (offers.length === 0) return null
  const shown = all ? offers : offers.slice(0, most)
  return (
    <div className={`${styles.offers} no-print`} role="group" aria-label="What can be added">
      <span className="second">and</span>
      {shown.map(({ id, words, onAdd }) => (
        <button key={id} type="button" className={styles.offer} onClick={onAdd}>
          {words}
        </button>
      ))}
      {offers.length > most && (
        <button
          type="button"
          className={styles.offer}
          aria-expanded={all}
          aria-label={all ? 'Fewer' : 'All that can be added'}
          onClick={() => setAll(!all)}
        >
          {all ? 'fewer' : '…'}
        </button>
      )}
    </div>
  )
}
