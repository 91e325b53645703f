import { useMemo, useState } from 'react'
import { askFor, waysBy } from '@core/run/retime/asked'
import type { WayToEnd } from '@core/run/retime/finish-by'
import type { AskedCommand } from '@core/run/clock/events'
import { formatSeconds } from '@core/base/units'
import { slotEndOf } from '@core/run/retime/slot-end'
import { nearestMoment } from '@core/base/calendar/zoned'
import { timeOf } from '../kit/zoned-time'
import type { LiveRun } from '../live/use-run'
import { Panel } from './Panel'
import styles from './panel.module.css'

interface TimePanelProps {
  live: LiveRun
  zone: string
  send: (command: AskedCommand) => Promise<void>
  onClose: () => void
}

/**
 * When the class ends: three ways to end by a time, and what fits the time that is left. Each is looked at first, and comes in at
 * the next boundary.
 */
export function TimePanel({ live, zone, send, onClose }: TimePanelProps) {
  const { snapshot, state, clock, feed } = live
  const slotEnd = slotEndOf(snapshot, feed.get().events[0]?.at ?? clock.now())
  // As the hall writes times: a browser's own field for them follows the device's language.
  const [by, setBy] = useState(() => timeOf(slotEnd > clock.now() ? slotEnd : state.endsAt, zone))
  // To the second is often enough.
  const now = Math.floor(clock.now() / 1000) * 1000
  const { progress } = feed.get()
  // The slot's end is meant where its time stands, however far off it is; any other time is the nearest.
  const deadline = by === timeOf(slotEnd, zone) && slotEnd > now ? slotEnd : nearestMoment(by.trim().padStart(5, '0'), now, zone)
  const over = deadline === undefined ? 0 : Math.round((state.endsAt - deadline) / 1000)
  const past = deadline !== undefined && deadline <= now
  const ways = useMemo(
    () => (deadline === undefined || past ? [] : waysBy(snapshot, progress, now, deadline)),
    [snapshot, progress, now, deadline, past],
  )
  const waits = progress.amended !== undefined && state.status !== 'finished'
  const apply = async (way: WayToEnd) => {
    if (deadline !== undefined) await send(askFor(way, now, deadline))
  }
  return (
    <Panel title="Time" onClose={onClose}>
      <p>
        {state.status === 'ready' ? 'Started now, it would end at ' : 'It ends at '}
        <b>{timeOf(state.endsAt + (state.status === 'ready' ? 10_000 : 0), zone)}</b>; the slot ends at <b>{timeOf(slotEnd, zone)}</b>.
        {waits && ' The change comes in at the next boundary; Undo takes it back until then.'}
      </p>
      <form onSubmit={(event) => event.preventDefault()}>
        <label>
          End by{' '}
          <input
            className="small-field"
            inputMode="numeric"
            autoComplete="off"
            size={6}
            value={by}
            onChange={(event) => setBy(event.currentTarget.value)}
          />
        </label>
        {[5, 10].map((minutes) => (
          <button key={minutes} type="button" className="small-button" onClick={() => setBy(timeOf(state.endsAt - minutes * 60_000, zone))}>
            {minutes} min sooner
          </button>
        ))}
      </form>
      <div aria-live="polite">
        {deadline === undefined && (
          <p className={styles.runWrong} role="alert">
            Give a time, as 12:45.
          </p>
        )}
        {past && (
          <p className={styles.runWrong} role="alert">
            {by} is over: give a later time, or end the class.
          </p>
        )}
        {deadline !== undefined && !past && (
          <p>
            <b>{over > 0 ? `${formatSeconds(over)} too long` : over > -45 ? 'In time' : `${formatSeconds(-over)} left over`}</b>
            {over > 0 && ways.length === 0 && ': nothing that is still to come can be left out. End the class when it is time.'}
            {over <= -45 && ways.length === 0 && (state.status === 'ready' ? ': fill it on the Shape tab before it starts.' : '')}
          </p>
        )}
      </div>
      <ul className={styles.runWays}>
        {ways.map((way) => (
          <li key={way.id}>
            <div>
              <b>{way.label}</b>
              <div className="second">
                ends at {timeOf(way.endsAt, zone)}
                {way.told.length > 0 && `. ${way.told.join(' ')}`}
              </div>
            </div>
            <button
              type="button"
              className="small-button"
              disabled={waits}
              aria-label={`Do this: ${way.label}`}
              onClick={() => void apply(way)}
            >
              Do this
            </button>
          </li>
        ))}
      </ul>
    </Panel>
  )
}
