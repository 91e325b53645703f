import type { RunTold } from '@core/records/run-told'
import { formatSeconds, type Milliseconds } from '@core/base/units'
import styles from './record.module.css'

/** What was pressed, and what changed in the room, with the time of each from the first phase. */
export function Presses({ run: { pressed, changes } }: { run: RunTold }) {
  const told = [...pressed.map(({ at, who, words }) => ({ at, words: `${who} ${words}` })), ...changes].sort((a, b) => a.at - b.at)
  if (told.length === 0) return null
  return (
    <details>
      <summary>What was pressed and changed ({told.length})</summary>
      <ul className={styles.tellers}>
        {told.map(({ at, words }, index) => (
          <li key={index}>
            <span className={styles.at}>{timeOf(at)}</span> {words}
          </li>
        ))}
      </ul>
    </details>
  )
}

const timeOf = (at: Milliseconds) => (at < 0 ? 'before' : formatSeconds(Math.round(at / 1000)))
