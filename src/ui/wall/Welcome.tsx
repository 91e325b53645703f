import type { ReactNode } from 'react'
import type { RoomScreenView } from '@core/run/screens/room-view'
import type { RunSnapshot } from '@core/run/room/snapshot'
import styles from './Welcome.module.css'

interface WelcomeProps {
  snapshot: RunSnapshot
  view: RoomScreenView
  begins: string
  /** Every station with those who begin there, where the class begins at stations. */
  children?: ReactNode
}

/** Before the class: which it is, how it goes, and where to begin. */
export function Welcome({ snapshot, view, begins, children }: WelcomeProps) {
  return (
    <div className={styles.welcome}>
      <header className={children ? styles.isSmall : undefined}>
        <h1>{snapshot.name}</h1>
        <p className={styles.when}>
          <b data-testid="word">{view.word}</b>
          <span>begins {begins}</span>
        </p>
        <p>{snapshot.sentences[0]}</p>
        {view.headline && (
          <p className={styles.first}>
            {children ? 'Find your name: there you begin.' : view.headline}
            {view.detail && <span>{view.detail}</span>}
          </p>
        )}
        {snapshot.follow && <p>{snapshot.follow}</p>}
      </header>
      {children}
    </div>
  )
}
