import type { RoomScreenView } from '@core/run/screens/room-view'
import { Digits } from './Digits'
import styles from './wall.module.css'

interface WayTopProps {
  view: RoomScreenView
  paused: boolean
  follow: string | undefined
  ends: string
  digits: string
}

/** What to do, in a word and a sentence, and how long there is for it. */
export function WayTop({ view, paused, follow, ends, digits }: WayTopProps) {
  return (
    <header className={styles.wayTop}>
      <h1 data-testid="word">{paused ? 'Paused' : view.word}</h1>
      <div className={styles.wayWords}>
        {paused && <p>{view.word}, when the coach resumes</p>}
        {view.headline && <p>{view.headline}</p>}
        {view.detail && <p className={styles.waySmall}>{view.detail}</p>}
        <p className={`${styles.waySmall} ${styles.wayPlates}`}>
          {[view.place === view.word ? '' : view.place, `ends ${ends}`, follow].filter(Boolean).map((text) => (
            <span key={text}>{text}</span>
          ))}
        </p>
      </div>
      <Digits digits={digits} />
    </header>
  )
}
