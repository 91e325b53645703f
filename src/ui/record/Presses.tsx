import type { Pressed } from '@core/records/actual'
import { formatSeconds } from '@core/base/units'
import styles from './record.module.css'

/** What was pressed, and when: minutes and seconds from the first phase. */
export function Presses({ pressed }: { pressed: Pressed[] }) {
  if (pressed.length === 0) return null
  return (
    <details>
      <summary>
        What was pressed ({pressed.length} {pressed.length === 1 ? 'time' : 'times'})
      </summary>
      <ul className={styles.tellers}>
        {pressed.map(({ at, who, words }, index) => (
          <li key={index}>
            <span className={styles.at}>{formatSeconds(Math.round(at / 1000))}</span> {who} {words}
          </li>
        ))}
      </ul>
    </details>
  )
}
