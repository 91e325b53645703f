import { useMemo } from 'react'
import { cardView, type CardPlace } from '@core/run/screens/card-view'
import type { WayRound } from '@core/run/screens/ways-round'
import { stopSign } from '@core/run/screens/stop-sign'
import type { Progress } from '@core/run/clock/progress'
import { changeKey, shownSeconds } from '@core/run/clock/state'
import { andList } from '@core/base/and-list'
import { guarded } from '../kit/Guard'
import { digitsOf } from '../live/digits'
import { lazily } from '../kit/lazily'
import { Announce } from '../live/Announce'
import { Lines } from '../live/Lines'
import { ListPictures } from '../live/ListPictures'
import { LiveFigure } from '../live/LiveFigure'
import { WayMark } from '../live/WayMark'
import { Level } from '../live/Level'
import { StopSign } from '../live/StopSign'
import { useRun, type LiveProps } from '../live/use-run'
import { useWakeLock } from '../live/use-wake-lock'
import { Buzz } from './Buzz'
import { CardTaps } from './CardTaps'
import { TickLines } from './TickLines'
import styles from './card.module.css'

// Asked for while the class goes on: where one is and what one does comes first.
const CardResults = lazily(async () => (await import('./CardResults')).CardResults, 'What you did')
const CardAsks = lazily(async () => (await import('./CardAsks')).CardAsks, 'What you can ask for')

interface CardProps extends LiveProps {
  personId: string
  token: string
}

/** One person's card on their own phone: where they are, what they do, with whom, and where they go next. */
export const CardScreen = guarded(Card)

function Card(props: CardProps) {
  const { personId, token } = props
  const live = useRun(props)
  const { snapshot, state, connected } = live
  useWakeLock()
  const second = shownSeconds(state)
  // oxlint-disable-next-line react/exhaustive-deps -- the words change by the second, not by the tick
  const view = useMemo(() => cardView(snapshot, state, personId), [snapshot, state.status, state.phase, state.sequence, second, personId])
  if (!view)
    return (
      <main className={styles.cardScreen}>
        <h1>Not in this class</h1>
        <p>Ask the coach for another link.</p>
      </main>
    )
  const sign = stopSign(state)
  if (sign) return <StopSign {...sign} />
  const { now, next, coming } = view
  const finished = state.status === 'finished'
  const roundKey = `${state.phase.index}/${roundsOf(live.feed.get().progress, personId)}`
  return (
    <main className={styles.cardScreen}>
      <header>
        <h1>{view.name}</h1>
        <span>{view.place}</span>
      </header>
      <section
        className={`${styles.cardNow} on-paper`}
        aria-label={coming ? 'Where you go' : view.ahead ? 'What you do next' : 'What you do now'}
      >
        <Level state={state} />
        <div className={styles.cardWords}>
          {now && (
            <>
              <p className={styles.cardWhere}>{whereWords(now, coming)}</p>
              {!now.items && <p className={styles.cardExercise}>{now.exercise}</p>}
              {now.figure && (
                <div className={styles.cardFigure}>
                  <LiveFigure figure={now.figure} moves={state.status === 'running' && !view.ahead} into={state.elapsed / 1000} />
                </div>
              )}
              {now.items &&
                (view.ahead ? (
                  <>
                    <Lines className={styles.cardItems} lines={now.items} numbered />
                    {now.pictures && <ListPictures lines={now.items} pictures={now.pictures} />}
                  </>
                ) : (
                  <TickLines lines={now.items} pictures={now.pictures} of={roundKey} />
                ))}
              <p className={styles.cardHow}>{[now.side, now.how].filter(Boolean).join('. ')}</p>
              {now.points.length > 0 && <Lines className={styles.cardPoints} lines={now.points} />}
              {now.way && (
                <p className={styles.cardTurn}>
                  <WayMark way={now.way} /> {cardWays[now.way]}
                </p>
              )}
              {now.turn && !coming && (
                <p
                  className={styles.cardTurn}
                >{`${now.turn === 'works' ? 'You work' : 'You rest or count'} ${view.ahead ? 'next' : 'now'}`}</p>
              )}
            </>
          )}
          {finished && <p className={styles.cardExercise}>{view.headline}</p>}
        </div>
        <Announce
          at={[changeKey(state), now?.station, now?.exercise].join('/')}
          words={[view.word, now && whereWords(now, coming), now?.exercise, now?.side]}
        />
        <div className={styles.cardFoot}>
          <span data-testid="word">{state.status === 'paused' ? 'Paused' : view.word}</span>
          {!finished && state.status !== 'ready' && (
            <span
              className={`${styles.cardDigits}${digitsOf(state).length > 4 ? ` ${styles.isLong}` : ''}`}
              data-testid="digits"
              role="timer"
              aria-live="off"
            >
              {digitsOf(state)}
            </span>
          )}
        </div>
      </section>
      {snapshot.ownTaps && finished && <CardResults token={token} />}
      {snapshot.ownTaps && <CardTaps live={live} personId={personId} token={token} />}
      {next && !coming && (
        <p className={styles.cardNext}>
          Then <b>{next.station === undefined ? 'together' : next.station === now?.station ? 'here' : `station ${next.station}`}</b>:{' '}
          {[next.exercise, next.how].filter(Boolean).join(', ')}
          {next.others.length > 0 && next.station !== now?.station && `, with ${andList(next.others)}`}
        </p>
      )}
      {view.stations.length > 1 && (
        <div className={styles.cardAhead} role="list" aria-label="Your stations">
          {view.stations.map(({ station, exercise }, index) => (
            <div role="listitem" className={index === 0 ? styles.isNow : undefined} key={`${station}-${index}`}>
              <b>{station}</b>
              <span>{index === 0 ? (coming ? 'on the way' : 'now') : exercise}</span>
            </div>
          ))}
        </div>
      )}
      {snapshot.follow && !finished && <p className={styles.cardFollow}>{snapshot.follow}</p>}
      {!finished && state.status !== 'ready' && <CardAsks token={token} easier={view.easier} onBreak={view.onBreak} />}
      {!finished && <Buzz at={changeKey(state)} />}
      {!connected && (
        <p className={styles.cardFollow} role="status">
          No connection to the server: going on by itself
        </p>
      )}
      <p className={styles.cardPrivacy}>
        <a href="/privacy">What is kept of you</a>
      </p>
    </main>
  )
}

/** A tap of a round begins the next. */
const roundsOf = ({ taps }: Progress, personId: string) =>
  taps.filter(({ what, personIds }) => what === 'round' && personIds.includes(personId)).length

const cardWays: Record<WayRound, string> = {
  up: 'Then one up the numbers',
  down: 'Then one down the numbers',
  stays: 'Then you stay here',
}

function whereWords({ station, others }: CardPlace, coming: boolean): string {
  const where = station === undefined ? 'Together' : `${coming ? 'Go to station' : 'Station'} ${station}`
  return others.length > 0 ? `${where}, with ${andList(others)}` : where
}
