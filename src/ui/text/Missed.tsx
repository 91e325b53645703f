import { uniqBy } from 'es-toolkit'
import { useMemo } from 'react'
import type { Exercise } from '@core/library/exercise'
import type { InText } from '@core/text/heard'
import { meantBy } from '@core/text/meant'
import type { TextReading } from '@core/text/read'
import styles from './text.module.css'
import kit from '../kit/kit.module.css'

interface MissedProps {
  reading: Pick<TextReading, 'missed' | 'unknown'>
  exercises: readonly Exercise[]
  /** Adds an exercise of this name to the hall. */
  onAdd: (name: string) => void
  /** Puts other words where some were not understood. */
  onWords: (place: InText, words: string) => void
}

/** What of a text is not in the class, and why; and what is in it by name only. */
export function Missed({ reading: { missed, unknown }, exercises, onAdd, onWords }: MissedProps) {
  const meant = useMemo(() => meantBy(exercises), [exercises])
  return (
    <div id="what-is-missed">
      {missed.length > 0 && (
        <div className={kit.note} data-severity="weigh">
          <b>Not understood, and not in the class</b>
          <ul className={styles.misses}>
            {missed.map((place) => (
              <li key={`${place.line} ${place.from}`}>
                “{place.text.length > 60 ? `${place.text.slice(0, 60)} …` : place.text}”{place.why && `: ${place.why}`}{' '}
                <span className="second">line {place.line + 1}</span>{' '}
                {!place.why && <Meant place={place} meant={meant(place.text)} onWords={onWords} />}
              </li>
            ))}
          </ul>
        </div>
      )}
      {unknown.length > 0 && (
        <p className="second">
          Not among this hall’s exercises, and kept by name:{' '}
          {uniqBy(unknown, ({ exerciseId }) => exerciseId).map((place) => (
            <span key={place.exerciseId} className={styles.add}>
              {place.text} <Meant place={place} meant={meant(place.text)} onWords={onWords} />{' '}
              <button type="button" className={kit.linkButton} onClick={() => onAdd(place.text)}>
                add it
              </button>
            </span>
          ))}
        </p>
      )}
    </div>
  )
}

interface MeantProps extends Pick<MissedProps, 'onWords'> {
  place: InText
  /** What was likely meant; nothing where that cannot be said. */
  meant: string | undefined
}

function Meant({ place, meant, onWords }: MeantProps) {
  if (meant === undefined) return null
  return (
    <button type="button" className={kit.linkButton} onClick={() => onWords(place, meant)}>
      {meant}?
    </button>
  )
}
