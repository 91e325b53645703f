import type { ClassLog } from '@core/trends/run-log'
import { Fetched } from '../../kit/Fetched'
import { LogTable } from '../../kit/LogTable'
import { useClass } from '../shared/context'
import { ClassTrends } from './ClassTrends'
import { ResultsTable } from './ResultsTable'
import styles from '../class.module.css'
import results from './results.module.css'
import kit from '../../kit/kit.module.css'

/** The others are in the log of all classes. */
const runsShown = 10

export function LogView() {
  const { id } = useClass()
  return (
    <Fetched<ClassLog> address={`/api/classes/${id}/log`} what="The log of this class">
      {(logged) => <Runs {...logged} />}
    </Fetched>
  )
}

function Runs({ log, trend, last }: ClassLog) {
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
        <>
          <ClassTrends trend={trend} log={log} zone={zone} />
          {here.length > 0 && <ResultsTable heading="What those here did last" people={here} last={last} />}
          <h2 className={results.resultsHead}>Runs</h2>
          <LogTable rows={log.slice(0, runsShown)} zone={zone} />
          {log.length > runsShown && (
            <p>
              <a href={`/log?search=${encodeURIComponent(log[0]!.className)}`}>All of them in the log</a>
            </p>
          )}
        </>
      )}
      {log.length === 0 && here.length > 0 && <ResultsTable heading="What those here did last" people={here} last={last} />}
      {log.length > 0 && (
        <p className="second">
          Runs of this class, of its series, and of classes called the same; press a day to see that run as it happened. The actual length
          is from the first phase to the end, pauses and all; the count-in before it does not count.
        </p>
      )}
    </section>
  )
}
