import type { StopSign as Sign } from '@core/run/screens/stop-sign'
import styles from './StopSign.module.css'

/** After a stop, the whole picture: what to do now, and nothing else. */
export function StopSign({ word, lines }: Sign) {
  return (
    <main className={styles.sign} role="alert">
      <h1 className={word.length > 6 ? styles.isLong : undefined} data-testid="word">
        {word}
      </h1>
      <ol>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
    </main>
  )
}
