import { outcomeWords } from '@core/results/words'
import type { ResultsSheet } from '@core/results/sheet'
import { datedOf, timeOf } from '../kit/zoned-time'
import { columnKey } from './use-sheet'
import styles from './record.module.css'

/** What was put down by hand, and corrected, the latest first. */
export function History({ sheet: { history, people, places, unit }, zone }: { sheet: ResultsSheet; zone: string }) {
  if (history.length === 0) return null
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? ''
  return (
    <details className={styles.section}>
      <summary>What was put down by hand, with corrections ({history.length})</summary>
      <ul className={styles.tellers}>
        {[...history].reverse().map((line) => {
          const place = places.find((known) => columnKey(known) === columnKey(line))
          return (
            <li key={`${line.id} ${line.personId}`}>
              <time dateTime={line.at}>{timeOf(line.at, zone)}</time> {datedOf(line.at, zone)}, {line.by}: {nameOf(line.personId)},{' '}
              {place?.name}, {line.outcome ? outcomeWords(line.outcome, unit) : 'taken away'}
              {line.outcome?.standard && ` (${line.outcome.standard})`}
            </li>
          )
        })}
      </ul>
    </details>
  )
}
