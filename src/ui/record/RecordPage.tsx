import type { RunTold } from '@core/records/run-told'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { datedOf, timeOf } from '../kit/zoned-time'
import { Notes } from './Notes'
import { Presses } from './Presses'
import { Results } from './Results'
import { RunFigures, TwoRibbons } from './TwoRibbons'
import { WhoDidWhat } from './WhoDidWhat'
import shell from '../shell/shell.module.css'
import styles from './record.module.css'

interface RecordPageProps {
  run: RunTold
  zone: string
}

/** A run as it happened: as it was planned above as it was, who did what, and what came of it. */
export function RecordPage({ run, zone }: RecordPageProps) {
  return (
    <Kit>
      <div className={shell.page}>
        <div className={shell.pageHead}>
          <h1>{run.name}</h1>
          <span className="second">
            {run.startedAt && `${datedOf(run.startedAt, zone)}, ${timeOf(run.startedAt, zone)}`}
            {run.roomName && ` · ${run.roomName}`} · {run.people.length} {run.people.length === 1 ? 'person' : 'people'}
            {run.putAway && ' · put away'}
          </span>
          <span className="push">
            <a href={`/classes/${run.classId}/log`}>All its runs</a>
          </span>
        </div>
        <section className={shell.sheet} aria-label="As it was planned, and as it was">
          <RunFigures run={run} />
          <TwoRibbons run={run} />
          <Presses run={run} />
        </section>
        <section className={`${shell.sheet} ${styles.section}`} aria-label="Results">
          <h2>Results</h2>
          <Results address={`/api/runs/${run.id}/results`} first={run.sheet} csv={`${run.name} results.csv`} zone={zone} />
        </section>
        <section className={`${shell.sheet} ${styles.section}`} aria-label="Who did what">
          <h2>Who did what</h2>
          <WhoDidWhat run={run} />
        </section>
        <section className={`${shell.sheet} ${styles.section}`} aria-label="Notes">
          <h2>Notes</h2>
          <Notes runId={run.id} first={run.notes} zone={zone} />
        </section>
      </div>
    </Kit>
  )
}

export const RecordPageIsland = fromText(RecordPage)
