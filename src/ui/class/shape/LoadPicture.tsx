import { useMemo } from 'react'
import type { Pattern, Region } from '@core/library/exercise'
import { leastKilograms, loadOf, mostKilograms, type ClassLoad } from '@core/load/load'
import { formatSeconds, type Seconds } from '@core/base/units'
import { Cell, Row, RowHead, Table } from '../../kit/Table'
import { useClass } from '../shared/context'
import { More } from '../shared/More'
import { FinishSpread } from './FinishSpread'
import { Profile } from './Profile'
import styles from './load.module.css'

/** The movements that coaches balance against each other. */
const balanced: Pattern[] = ['push', 'pull', 'squat', 'hinge']

const rounded = (value: number) => Math.round(value / 5) * 5

/** What the class loads: regions, movements, intensity along the way, and energy as a range. */
export function LoadPicture() {
  const { document, computed, library } = useClass()
  const { timeline } = computed
  const load = useMemo(
    () => (timeline.ok ? loadOf(document.plan, timeline.value, library, computed.paces, computed) : undefined),
    [document.plan, timeline, library, computed],
  )
  if (!load || !timeline.ok) return null
  const met = `${rounded(load.metMinutes.low)} to ${rounded(load.metMinutes.high)} MET-minutes`
  const energy = `${rounded(load.kilocalories.low)} to ${rounded(load.kilocalories.high)} kcal`
  return (
    <section aria-label="Load picture" className={styles.load}>
      <h2>What it loads</h2>
      <div className={styles.charts}>
        <Bars label="Work by region" rows={Object.entries(load.byRegion) as [Region, number][]} />
        <Bars label="Push, pull, squat and hinge" rows={balanced.map((name) => [name, load.byPattern[name]])} />
      </div>
      <FinishSpread />
      <Intensity intensity={load.intensity} total={timeline.value.total} />
      <p>
        {met}; {energy} for people of {leastKilograms} to {mostKilograms} kg.{' '}
        <span className="second">
          An estimate from the MET ranges of the exercises: MET × 3.5 × kg ÷ 200 a minute (ACSM guidelines). People differ by more than
          that.
        </span>
      </p>
      {load.unknown > 0 && (
        <p className="second">{formatSeconds(Math.round(load.unknown))} of work has no exercise yet, and is not counted.</p>
      )}
    </section>
  )
}

/** A table whose figures are also lengths: to be seen at a glance, and read by all. */
function Bars({ label, rows }: { label: string; rows: [name: string, seconds: Seconds][] }) {
  const most = Math.max(1, ...rows.map(([, seconds]) => seconds))
  return (
    <table className={styles.bars}>
      <caption className="draft-label">{label}</caption>
      <tbody>
        {rows.map(([name, seconds]) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>
              <span className={styles.bar} style={{ width: `${(100 * seconds) / most}%` }} />
              {formatSeconds(Math.round(seconds))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Intensity({ intensity, total }: { intensity: ClassLoad['intensity']; total: Seconds }) {
  return (
    <>
      <Profile label="Intensity along the class, MET" steps={intensity.map(({ start, met }) => ({ start, value: met }))} total={total} />
      <More summary="The intensity as a table">
        <Table columns={['From', { name: 'MET, about', kind: 'figure' }]}>
          {intensity.map(({ start, met }) => (
            <Row key={start}>
              <RowHead>{formatSeconds(start)}</RowHead>
              <Cell figure>{met.toFixed(1)}</Cell>
            </Row>
          ))}
        </Table>
      </More>
    </>
  )
}
