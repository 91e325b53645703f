import { formatSeconds } from '@core/base/units'
import type { ClassTrend } from '@core/trends/class-trend'
import type { LogEntry } from '@core/trends/run-log'
import { FiguresChart } from '../../kit/chart'
import { SaveCsv } from '../../kit/SaveCsv'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { dayOf } from '../../kit/zoned-time'
import styles from './results.module.css'

interface ClassTrendsProps {
  trend: ClassTrend
  /** The latest first. */
  log: LogEntry[]
  zone: string
}

const trendWords = { up: 'going up', down: 'going down', steady: 'steady' } as const

/** What becomes of a class over its runs: who comes, how long it takes, and which suggestions came true. */
export function ClassTrends({ trend, log, zone }: ClassTrendsProps) {
  const { people, overSlot } = trend
  const runs = log.filter(({ endedAt }) => endedAt !== null).reverse()
  if (runs.length === 0 || !people) return null
  return (
    <>
      <h2 className={styles.resultsHead}>Over {runs.length === 1 ? 'its one run' : `its last ${runs.length} runs`}</h2>
      <p>
        <b>{people.usual}</b> people at the median{people.trend && `, ${trendWords[people.trend]}`}.{' '}
        {overSlot && (overSlot.over === 0 ? 'Never over its slot.' : `Over its slot ${overSlot.over} of ${overSlot.of} times.`)}{' '}
        {overSlot && `At the median ${formatSeconds(Math.abs(overSlot.usual))} ${overSlot.usual > 0 ? 'over' : 'to spare'}.`}
      </p>
      {runs.length > 2 && <Charts runs={runs} zone={zone} />}
      <Ways trend={trend} />
      <Options trend={trend} />
    </>
  )
}

function Charts({ runs, zone }: { runs: LogEntry[]; zone: string }) {
  const at = (entry: LogEntry) => dayOf(entry.startedAt!, zone).slice(4)
  const over = runs.flatMap((entry) =>
    entry.record && entry.slotSeconds !== undefined ? [{ at: at(entry), seconds: entry.record.actualSeconds - entry.slotSeconds }] : [],
  )
  return (
    <div className={styles.charts}>
      <FiguresChart
        label="People"
        isCount
        axis="people"
        kind="line"
        figures={runs.map((entry) => ({ at: at(entry), figure: entry.people.length }))}
      />
      <FiguresChart
        label="Against the slot"
        axis="minutes"
        kind="bars"
        tick={(minutes: number) => formatSeconds(Math.round(minutes * 60))}
        figures={over.map(({ at: day, seconds }) => ({ at: day, figure: seconds / 60 }))}
      />
    </div>
  )
}

/** Transitions that were judged short when the class was planned, and what came of it. */
function Ways({ trend: { ways } }: { trend: ClassTrend }) {
  if (ways.length === 0) return null
  return (
    <>
      <h3 className={styles.resultsHead}>Transitions that were judged short</h3>
      <ul>
        {ways.map(({ name, needs, has, times, late }) => (
          <li key={name}>
            {name}: the slowest need {needs} s, it has {has} s. The room took longer{' '}
            <b>
              {late} of {times} times
            </b>
            {late === 0 ? ': it has not come true.' : '.'}
          </li>
        ))}
      </ul>
    </>
  )
}

/** Stations at which people take another option than everyone's. */
function Options({ trend: { options } }: { trend: ClassTrend }) {
  if (options.length === 0) return null
  const columns = ['Station', 'Exercise', 'Took another option', 'Of all who did it']
  const share = (own: number, people: number) => `${Math.round((100 * own) / people)} %`
  return (
    <>
      <h3 className={styles.resultsHead}>Stations where people take another option</h3>
      <Table className={styles.results!} label="Stations where people take another option" columns={columns}>
        {options.slice(0, 8).map(({ station, exercise, own, people }) => (
          <Row key={`${station} ${exercise}`}>
            <RowHead>{station}</RowHead>
            <Cell>{exercise}</Cell>
            <Cell figure>{own}</Cell>
            <Cell figure>{share(own, people)}</Cell>
          </Row>
        ))}
      </Table>
      <SaveCsv
        file="options.csv"
        rows={() => [
          columns,
          ...options.map(({ station, exercise, own, people }) => [String(station), exercise, String(own), share(own, people)]),
        ]}
      />
    </>
  )
}
