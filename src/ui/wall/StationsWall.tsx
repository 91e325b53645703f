import { homeView } from '@core/run/screens/home-view'
import type { RoomScreenView } from '@core/run/screens/room-view'
import type { Layout } from '@core/run/screens/wall-layouts'
import { Lines } from '../live/Lines'
import type { LiveRun } from '../live/use-run'
import { Digits } from './Digits'
import { Standings } from './Standings'
import { StationRow } from './StationRow'
import { WayGrid } from './WayGrid'
import styles from './wall.module.css'

interface StationsWallProps {
  live: LiveRun
  view: RoomScreenView
  layout: Layout
  /** Stations as large as there is room for. */
  inGrid: boolean
  ends: string
  digits: string
}

/** People at their stations, or those who follow from home: the word and the digits, and who is where. */
export function StationsWall({ live, view, layout, inGrid, ends, digits }: StationsWallProps) {
  const { snapshot, state } = live
  const home = layout === 'home' ? homeView(snapshot, state) : undefined
  const points = home?.exercise.points ?? (view.tiles.length === 0 ? view.points : [])
  const tiles = home ? [] : view.tiles
  const moves = state.status === 'running' && state.phase.kind === 'work'
  return (
    <>
      <header className={styles.wallTop}>
        <span className="wall-plate">{snapshot.name}</span>
        <span className="wall-plate">{view.place}</span>
        <span className="wall-plate">{state.status === 'finished' ? `ended ${ends}` : `ends ${ends}`}</span>
      </header>
      <div className={styles.wallMiddle}>
        <div className={styles.wallWords}>
          <h1 data-testid="word">{state.status === 'paused' ? 'Paused' : view.word}</h1>
          {state.status === 'paused' && <p className={styles.wallDetail}>{view.word}, when the coach resumes</p>}
          {home ? (
            <p className={styles.wallHeadline}>
              {home.coming && 'Next at home: '}
              {home.exercise.name}
            </p>
          ) : (
            view.headline && <p className={styles.wallHeadline}>{view.headline}</p>
          )}
          {points.length > 0 && <Lines className={styles.wallPoints} lines={points} />}
          {home?.next && <p className={styles.wallDetail}>Then: {home.next}</p>}
          {!home && view.detail && <p className={styles.wallDetail}>{view.detail}</p>}
          {snapshot.follow && (state.status === 'countIn' || (state.status !== 'finished' && state.phase.kind !== 'work')) && (
            <p className={styles.wallDetail}>{snapshot.follow}</p>
          )}
        </div>
        <div className="wall-side">
          <Digits digits={digits} />
          {snapshot.scores && <Standings live={live} />}
        </div>
      </div>
      {tiles.length > 0 &&
        (inGrid ? (
          <WayGrid tiles={tiles} onward={view.onward} moves={moves} />
        ) : (
          <StationRow tiles={tiles} withPoints={layout === 'near'} moves={moves} />
        ))}
    </>
  )
}
