import { useMemo } from 'react'
import { stationView } from '@core/run/screens/station-view'
import { stopSign } from '@core/run/screens/stop-sign'
import { changeKey, shownSeconds } from '@core/run/clock/state'
import { andList } from '@core/base/and-list'
import { guarded } from '../kit/Guard'
import { Announce } from '../live/Announce'
import { Caption } from '../live/Caption'
import { digitsOf } from '../live/digits'
import { Lines } from '../live/Lines'
import { ListPictures } from '../live/ListPictures'
import { LiveFigure } from '../live/LiveFigure'
import { Level } from '../live/Level'
import { ScreenCheck } from '../live/ScreenCheck'
import { SoundButton } from '../live/SoundButton'
import { StopSign } from '../live/StopSign'
import { useRun, type LiveProps } from '../live/use-run'
import { useSound } from '../live/use-sound'
import { useWakeLock } from '../live/use-wake-lock'
import styles from './station.module.css'

interface StationProps extends LiveProps {
  /** From 1. */
  number: number
}

/** The screen that stands at one station: what is done here, by whom, and who comes next. */
export const StationScreen = guarded(Station)

function Station(props: StationProps) {
  const { number } = props
  const live = useRun(props)
  const { snapshot, state, connected } = live
  const sound = useSound(live, number - 1)
  const awake = useWakeLock()
  const second = shownSeconds(state)
  // oxlint-disable-next-line react/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => stationView(snapshot, state, number), [snapshot, state.status, state.phase, state.sequence, second, number])
  const sign = stopSign(state)
  if (sign) return <StopSign {...sign} />
  const { exercise } = view
  const digits = digitsOf(state)
  return (
    <main className={styles.stationScreen}>
      <Level state={state} />
      {state.checking && <ScreenCheck name={`Station ${number}`} awake={awake} sound={sound} connected={connected} />}
      <header>
        <h1 className={styles.stationNumber}>
          <span className="visually-hidden">Station </span>
          {number}
        </h1>
        <span>{view.place}</span>
        <span data-testid="word">{state.status === 'paused' ? 'Paused' : view.word}</span>
      </header>
      <div className={`${styles.stationMiddle}${view.figure && !view.closed ? ` ${styles.isPictured}` : ''}`}>
        {view.figure && !view.closed && (
          <div className={styles.stationFigure}>
            <LiveFigure figure={view.figure} moves={state.status === 'running' && !view.ahead} into={state.elapsed / 1000} />
          </div>
        )}
        <div>
          {view.closed && <p className={styles.stationExercise}>Closed</p>}
          {!view.closed && view.items.length === 0 && (
            <p className={styles.stationExercise}>
              {exercise ? `${view.ahead ? 'Next: ' : ''}${exercise.name}` : view.people.length > 0 ? 'Rest' : 'Nothing here just now'}
            </p>
          )}
          {view.items.length > 0 && <Lines className={styles.stationItems} lines={view.items} numbered />}
          {view.pictures && <ListPictures lines={view.items} pictures={view.pictures} />}
          {view.items.length === 0 && <p className={styles.stationHow}>{[view.side, exercise?.how].filter(Boolean).join(', ')}</p>}
          {exercise && view.items.length === 0 && (
            <ul className={styles.stationPoints}>
              {exercise.points.map((point) => (
                <li key={point}>{point}</li>
              ))}
            </ul>
          )}
        </div>
        {state.status !== 'finished' && state.status !== 'ready' && (
          <div
            className={`${styles.stationDigits}${digits.length > 2 ? ` ${styles.isLong}` : ''}`}
            data-testid="digits"
            role="timer"
            aria-live="off"
          >
            {digits}
          </div>
        )}
      </div>
      <Announce
        at={[changeKey(state), view.closed, exercise?.name, view.people.length].join('/')}
        words={[
          view.word,
          view.place,
          view.closed ? 'Closed' : (exercise?.name ?? view.items[0]),
          view.side,
          view.people.length > 0 ? andList(view.people) : undefined,
        ]}
        quiet={sound.on}
      />
      <footer>
        <p>
          {view.people.length > 0 && (
            <b>
              {view.coming && 'Coming: '}
              {andList(view.people)}
              {view.works && `; ${view.works} works`}
            </b>
          )}
          {view.nextStation !== undefined && !view.coming && `, then to station ${view.nextStation}`}
        </p>
        {view.nextPeople.length > 0 && !view.coming && (
          <p>
            Next here: {andList(view.nextPeople)}
            {view.nextBrings && `, who bring ${andList(view.nextBrings)}`}
          </p>
        )}
        <div className={styles.stationSound}>
          <Caption live={live} station={number - 1} />
          <SoundButton sound={sound} />
        </div>
        {!connected && <p role="status">No connection to the server: going on by itself</p>}
      </footer>
    </main>
  )
}
