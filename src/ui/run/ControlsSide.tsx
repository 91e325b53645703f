import type { ReactNode } from 'react'
import type { nextWords } from '@core/run/screens/next-words'
import type { RoomScreenView } from '@core/run/screens/room-view'
import { formatSeconds, type Seconds } from '@core/base/units'
import styles from './controls.module.css'

interface ControlsSideProps {
  view: RoomScreenView
  follows: ReturnType<typeof nextWords>
  /** How long what comes next takes; absent at the end. */
  nextSeconds: Seconds | undefined
  over: boolean
  /** What is to be looked at before all that. */
  children?: ReactNode
}

/** What comes next, whom to watch, and who is where. */
export function ControlsSide({ view, follows, nextSeconds, over, children }: ControlsSideProps) {
  return (
    <div className={styles.controlsSide}>
      <section className={styles.controlsCard} aria-label="Next">
        {!over && <div className="second">Next{nextSeconds === undefined ? '' : `, ${formatSeconds(nextSeconds)}`}</div>}
        <h2>{follows.headline}</h2>
        {follows.detail && <p className="second">{follows.detail}</p>}
      </section>
      {children}
      {!over && (
        <div className={`${styles.controlsCard} ${styles.isTall}`} role="region" aria-label="Watch" tabIndex={0}>
          <div className="second">
            Watch{view.tiles.length > 0 && (view.tiles.some((tile) => tile.coming) ? ', and who comes where' : ', and who is where')}
          </div>
          {view.watch.length === 0 && <p className="second">Everyone does the same here.</p>}
          {view.watch.map((watched, index) => (
            <p key={index}>
              <b>{watched.name}</b>, {watched.text}
              {view.tiles.length > 0 && <span className="second"> (station {watched.station})</span>}
            </p>
          ))}
          {view.tiles.length > 0 && (
            <ol className={styles.controlsStations} aria-label="Who is where">
              {view.tiles.map((tile) => (
                <li key={tile.number}>
                  {tile.exercise}{' '}
                  <span className="second">
                    {tile.people.map((name) => (name === tile.works ? `${name} works` : name)).join(', ') || 'empty'}
                  </span>
                </li>
              ))}
            </ol>
          )}
        </div>
      )}
    </div>
  )
}
