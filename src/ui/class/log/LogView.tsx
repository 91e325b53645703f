import type { PartResult } from '@core/records/results'
import { Fetched } from '../../kit/Fetched'
import { LogTable, type LogRow } from '../../kit/LogTable'
import { useClass } from '../shared/context'
import { dayOf, timeOf } from '../../kit/zoned-time'
import { ResultsTable } from './ResultsTable'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

interface Logged {
  /** The latest first. */
  log: LogRow[]
  /** By run. */
  results: Record<string, PartResult[]>
  /** What everyone did last in the pieces of this class. */
  last: PartResult[]
}

export function LogView() {
  const { id } = useClass()
  return (
    <Fetched<Logged> address={`/api/classes/${id}/log`} what="The log of this class">
      {(logged) => <Runs {...logged} />}
    </Fetched>
  )
}

function Runs({ log, results, last }: Logged) {
  const { zone, computed } = useClass()
  const here = computed.people.filter(({ id }) => last.some(({ done }) => done.some(({ personId }) => personId === id)))
  return (
    <section className={`${styles.classMain} ${styles.isAlone}`} aria-label="Log">
      {log.length === 0 ? (
        <div className={kit.empty}>
          <h2>This class has not been run yet</h2>
          <p>When it has, its planned and its actual length stand here, with who was there.</p>
        </div>
      ) : (
        <LogTable rows={log} zone={zone} />
      )}
      {log.length > 0 && (
        <p className="second">
          The actual length is from the first phase to the end, pauses and all; the count-in before it does not count.
        </p>
      )}
      {log.length === 0 && here.length > 0 && <ResultsTable heading="What those here did last time" people={here} results={last} />}
      {log.map(
        (row) =>
          results[row.id] && (
            <ResultsTable
              key={row.id}
              heading={`Results${row.startedAt ? ` of ${dayOf(row.startedAt, zone)}, ${timeOf(row.startedAt, zone)}` : ''}`}
              people={row.people}
              results={results[row.id]!}
            />
          ),
      )}
    </section>
  )
}
