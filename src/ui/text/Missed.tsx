import { uniqBy } from 'es-toolkit'
import { useMemo, useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import type { InText, Miss } from '@core/text/heard'
import { meantBy } from '@core/text/meant'
import type { Unknown } from '@core/text/naming'
import type { TextReading } from '@core/text/read'
import styles from './text.module.css'
import kit from '../kit/kit.module.css'

/** More than a reader takes in; to lay out hundreds takes long. */
const shownAtOnce = 50

interface MissedProps {
  reading: Pick<TextReading, 'missed' | 'unknown'>
  exercises: readonly Exercise[]
  /** Adds an exercise to the hall. */
  onAdd: (place: Unknown) => void
  /** Puts other words where some were not understood. */
  onWords: (place: InText, words: string) => void
}

/** What of a text is not in the class, and why; and what is in it by name only. */
export function Missed({ reading: { missed, unknown }, exercises, onAdd, onWords }: MissedProps) {
  const meant = useMemo(() => meantBy(exercises), [exercises])
  const [all, setAll] = useState(false)
  const shown = all ? missed : missed.slice(0, shownAtOnce)
  return (
    <div id="what-is-missed">
      {missed.length > 0 && (
        <div className={kit.note} data-severity="weigh">
          <b>Not understood, and not in the class</b>
          <ul className={styles.misses}>
            {shown.map((place) => (
              <li key={`${place.line} ${place.from}`}>
                “{place.text.length > 60 ? `${place.text.slice(0, 60)} …` : place.text}”{place.why && `: ${place.why}`}{' '}
                <span className="second">
                  line {place.line + 1}
                  {place.expected && `, expected: ${place.expected}`}
                </span>{' '}
                {!place.why && <Meant {...likely(place, meant)} onWords={onWords} />}
              </li>
            ))}
          </ul>
          {missed.length > shown.length && (
            <button type="button" className={kit.linkButton} onClick={() => setAll(true)}>
              Show all {missed.length}
            </button>
          )}
        </div>
      )}
      {unknown.length > 0 && (
        <p className="second">
          Not among this hall’s exercises, and kept by name:{' '}
          {uniqBy(unknown, ({ exerciseId }) => exerciseId).map((place) => (
            <span key={place.exerciseId} className={styles.add}>
              {place.name} <Meant place={place} meant={meant(place.name)} onWords={onWords} />{' '}
              <button type="button" className={kit.linkButton} onClick={() => onAdd(place)}>
                add it
              </button>
            </span>
          ))}
        </p>
      )}
    </div>
  )
}

/** What was likely meant: by all the words of a name of which some were understood, else by those that were not. */
function likely(miss: Miss, meant: (text: string) => string | undefined): Pick<MeantProps, 'place' | 'meant'> {
  const byAll = miss.among && meant(miss.among.text)
  return miss.among && byAll ? { place: miss.among, meant: byAll } : { place: miss, meant: meant(miss.text) }
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
