import type { RunTold } from '@core/records/run-told'
import { formatSeconds, signedSeconds, type Seconds } from '@core/base/units'
import { Ribbon } from '../kit/Ribbon'
import styles from './record.module.css'

/** How long it was against the plan and the slot. */
export function RunFigures({ run: { plannedSeconds, slotSeconds, record, endedAt } }: { run: RunTold }) {
  const actual = endedAt === undefined ? undefined : Math.round(record.actualSeconds)
  const against = (seconds: Seconds) =>
    actual === undefined || actual === Math.round(seconds) ? '' : signedSeconds(actual - Math.round(seconds))
  return (
    <div className={styles.figures}>
      <div>
        <span className="second">planned</span>
        <b>{formatSeconds(plannedSeconds)}</b>
      </div>
      <div>
        <span className="second">it took</span>
        <b>{actual === undefined ? 'under way' : formatSeconds(actual)}</b>
        <span>{against(plannedSeconds) && `${against(plannedSeconds)} against the plan`}</span>
      </div>
      <div>
        <span className="second">slot</span>
        <b>{formatSeconds(slotSeconds)}</b>
        {actual !== undefined && (
          <span>
            {actual > slotSeconds ? `${signedSeconds(actual - slotSeconds)} over` : `${formatSeconds(slotSeconds - actual)} to spare`}
          </span>
        )}
      </div>
    </div>
  )
}

/** The class as planned above as it was, to one scale; where the clock stood it is dashed. */
export function TwoRibbons({ run: { planned, actual, plannedSeconds } }: { run: RunTold }) {
  const last = actual.at(-1)
  const total = last ? last.start + last.seconds : 0
  const span = Math.max(plannedSeconds, total)
  return (
    <div className={styles.ribbons}>
      <div className={styles.ribbonLine}>
        <b>Planned</b>
        <Ribbon blocks={planned} total={span} scale={false} />
      </div>
      <div className={styles.ribbonLine}>
        <b>As it was</b>
        {actual.length === 0 ? <p>Nothing of it was run.</p> : <Ribbon blocks={actual} total={span} />}
      </div>
      <p className="second">Dashed: the clock stood, as in a pause, a wait or a stop, or people were counted in again.</p>
    </div>
  )
}
