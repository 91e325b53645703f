import type { AskedCommand } from '@core/run/clock/events'
import { countsUp } from '@core/run/clock/state'
import type { RoomScreenView } from '@core/run/screens/room-view'
import { formatSeconds } from '@core/base/units'
import { Caption } from '../live/Caption'
import { Level } from '../live/Level'
import { Lines } from '../live/Lines'
import type { LiveRun } from '../live/use-run'
import styles from './controls.module.css'

const undoWords: Partial<Record<AskedCommand['type'], string>> = {
  pause: 'pause',
  resume: 'resume',
  skip: 'skip',
  back: 'back',
  repeat: 'repeat',
  goto: 'jump',
  hold: 'hold',
  release: 'release',
  extend: '+ 10 s',
  amend: 'the change of time',
}

interface PhaseNowProps {
  live: LiveRun
  view: RoomScreenView
  digits: string
  /** When the slot of the class is over. */
  slotEnd: number
  /** The controls do nothing here just now. */
  shut: boolean
  onUndo: () => void
  onTime: () => void
}

/** What is on: its word, what is done, what the coach may want to know of it, and the digits. */
export function PhaseNow({ live, view, digits, slotEnd, shut, onUndo, onTime }: PhaseNowProps) {
  const { snapshot, state } = live
  return (
    <section className={`${styles.controlsPhase} on-paper`} aria-label="Now">
      <Level state={state} />
      <div className={styles.controlsWords}>
        <h2 data-testid="word">{state.status === 'paused' ? `Paused: ${view.word}` : view.word}</h2>
        <p className={styles.controlsHeadline}>{view.headline}</p>
        <p>{view.detail}</p>
        {state.phase.selfPaced && view.points.length > 0 && <Lines className={styles.controlsItems} lines={view.points} numbered />}
        {state.undoable && !shut && (
          <p>
            <button type="button" className="small-button" onClick={onUndo}>
              Undo: {undoWords[state.undoable]} <kbd>Z</kbd>
            </button>
          </p>
        )}
        {countsUp(state) && (
          <p>
            The clock counts up{' '}
            {state.phase.selfPaced?.capSeconds ? `to ${formatSeconds(state.phase.selfPaced.capSeconds)} at most, or` : ''} until you press
            Skip; expected: {formatSeconds(state.phase.seconds)}.
          </p>
        )}
        {state.holding && (
          <p className={styles.controlsHeadline}>{state.status === 'held' ? 'Held: release to go on' : 'Will hold at the end of this'}</p>
        )}
        {state.status === 'ready' &&
          snapshot.sentences.map((sentence) => (
            <p key={sentence} className={styles.givesWay}>
              {sentence}
            </p>
          ))}
        {state.status === 'ready' && state.endsAt > slotEnd + 60_000 && (
          <p>
            Started now, it ends after its slot.{' '}
            <button type="button" className="small-button" disabled={shut} onClick={onTime}>
              Ways to end in time
            </button>
          </p>
        )}
        <Caption live={live} />
      </div>
      {state.status !== 'finished' && (
        <div
          className={`${styles.controlsDigits}${digits.length > 2 ? ` ${styles.isLong}` : ''}`}
          data-testid="digits"
          role="timer"
          aria-live="off"
        >
          {digits}
        </div>
      )}
    </section>
  )
}
