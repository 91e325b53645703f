import { boardOf, doneWords } from '@core/records/standing'
import type { LiveRun } from '../live/use-run'
import styles from './wall.module.css'

const shown = 8

/** How people stand in a self-paced part, where the class wants it shown: those who have done something, the first first. */
export function Standings({ live: { snapshot, state, feed } }: { live: LiveRun }) {
  const done = boardOf(snapshot, feed.get().progress, state).filter((standing) => doneWords(standing) !== '')
  if (done.length === 0) return null
  return (
    <ol className={styles.wallStanding} aria-label="How people stand">
      {done.slice(0, shown).map((standing) => (
        <li key={standing.personId}>
          {standing.name}: {doneWords(standing)}
        </li>
      ))}
    </ol>
  )
}
