import type { CSSProperties } from 'react'
import type { Beat, ShownVersion, TogetherView } from '@core/run/screens/together-view'
import { midSentence } from '@core/base/mid-sentence'
import { FigurePicture } from '../kit/FigurePicture'
import { Lines } from '../live/Lines'
import { ListPictures } from '../live/ListPictures'
import { LiveFigure } from '../live/LiveFigure'
import { FittedLines } from './FittedLines'
import styles from './Together.module.css'

interface TogetherProps {
  view: TogetherView
  /** What the class is at: work, rest, paused. */
  word: string
  /** Where in the class. */
  place: string
  /** Whether it is done now, and the clock runs. */
  moves: boolean
  /** Seconds into the work. */
  into: number
  ends: string
  digits: React.ReactNode
  /** Beside the digits: who has done how much. */
  standings?: React.ReactNode
}

/** What all do: the exercise largest, then how, and what comes after it. */
export function Together({ view, word, place, moves, into, ends, digits, standings }: TogetherProps) {
  return (
    <div className={`${styles.together}${view.isList ? ` ${styles.isList}` : ''}${view.figure ? ` ${styles.isPictured}` : ''}`}>
      <header className={styles.head}>
        <div>
          {view.ahead && <p className={styles.label}>Next</p>}
          <h2 className={styles.exercise} style={{ '--letters': Math.max(10, view.exercise.length) } as CSSProperties}>
            {view.exercise}
          </h2>
        </div>
        <p className={styles.place}>
          <b data-testid="word">{word}</b>
          {place.split(' · ').map((text) => (
            <span key={text}>{text}</span>
          ))}
          <span>{ends}</span>
        </p>
      </header>
      <section className={styles.how}>
        {view.figure && (
          <div className={styles.picture}>
            <LiveFigure figure={view.figure} moves={moves && !view.ahead} into={into} />
          </div>
        )}
        {view.how && <p className={styles.figures}>{view.how}</p>}
        {view.isList && <FittedLines lines={view.lines} />}
        {!view.isList && !view.figure && view.lines.length > 0 && <Lines className={styles.lines} lines={view.lines} />}
        {view.versions.length > 0 && (
          <ul className={styles.versions} aria-label="Versions">
            {view.versions.map((version) => (
              <Version key={version.rung} {...version} />
            ))}
          </ul>
        )}
      </section>
      <section className={styles.clock}>
        {digits}
        {view.beat && <Beats {...view.beat} />}
        {view.figure && view.lines.length > 0 && <Lines className={styles.lines} lines={view.lines} />}
        {view.pictures && <ListPictures lines={view.lines} pictures={view.pictures} />}
        {standings}
        <p className={styles.soon}>{view.soon}</p>
      </section>
      {view.then.length > 0 && (
        <p className={styles.then}>
          then{' '}
          {view.then.map(({ name, how }, index) => (
            <span key={index}>
              {index > 0 && ', '}
              <b>{name}</b>
              {index === 0 && how && view.then.length === 1 ? ` ${how}` : ''}
            </span>
          ))}
        </p>
      )}
    </div>
  )
}

function Version({ rung, name, with: shows, figure }: ShownVersion) {
  return (
    <li>
      {figure && (
        <div className={styles.versionFigure}>
          <FigurePicture figure={figure.figure} />
        </div>
      )}
      <div>
        <span>
          {rung}
          {shows !== undefined && `, with ${shows}`}
        </span>
        <b>{name}</b>
      </div>
    </li>
  )
}

/** The parts of a rep, with the one that is on. */
function Beats({ parts, at, rep, reps }: Beat) {
  return (
    <div className={styles.beats}>
      {parts.map(({ text, seconds }, index) => (
        <span key={index} className={index === at ? styles.isOn : undefined}>
          {midSentence(text)} <b>{seconds}</b>
        </span>
      ))}
      <span className={styles.reps}>
        rep{' '}
        <b>
          {rep} of {reps}
        </b>
      </span>
    </div>
  )
}
