import { upperFirst } from '@mantine/hooks'
import { memo, useMemo } from 'react'
import { midSentence } from '@core/base/mid-sentence'
import { formatSeconds } from '@core/base/units'
import type { Exercise } from '@core/library/exercise'
import { formOf } from '@core/library/form'
import { exercisesById } from '@core/library/by-id'
import type { Paces } from '@core/pace/pace'
import type { Circuit, Piece, Use } from '@core/plan/plan'
import { roleNames } from '@core/plan/roles'
import { itemText } from '@core/summary/items'
import { pieceNames } from '@core/summary/names'
import { movingsOf, pieceText } from '@core/summary/sentence/class-sentences'
import { partClauses } from '@core/summary/sentence/part-clauses'
import { clausesText } from '@core/summary/sentence/said'
import type { InText } from '@core/text/heard'
import type { Unknown } from '@core/text/naming'
import type { TextReading } from '@core/text/read'
import { blocksOf } from '@core/timeline/blocks'
import { compileTimeline } from '@core/timeline/compile'
import { Ribbon } from '../kit/Ribbon'
import { Missed } from '../text/Missed'
import styles from './type.module.css'
import kit from '../kit/kit.module.css'

interface ReadClassProps {
  reading: TextReading
  /** How fast lists go. */
  paces: Paces
  exercises: readonly Exercise[]
  empty: boolean
  /** Adds an exercise to the hall. */
  onAdd: (place: Unknown) => void
  /** Puts other words where some were not understood. */
  onWords: (place: InText, words: string) => void
}

/** What a text was read as: its length, each piece as a sentence with its exercises, and what was not understood. */
export const ReadClass = memo(({ reading, paces, exercises, empty, onAdd, onWords }: ReadClassProps) => {
  const { plan, size } = reading
  const timeline = useMemo(() => compileTimeline(plan, paces), [plan, paces])
  const known = useMemo(() => exercisesById(exercises), [exercises])
  const movings = useMemo(() => {
    const of = movingsOf({ groupSize: size ?? 'pairs' })
    return (id: string) => of(id)
  }, [size])
  if (empty)
    return (
      <div className={kit.empty}>
        <h2>Write it as on a board</h2>
        <p>
          Or paste what you have: a message, a note, an old plan. Bullets, numbers and headings are fine, and so are 40/20, 3 rounds, 12
          each side, 8 kg.
        </p>
      </div>
    )
  return (
    <div aria-live="polite">
      <p className={styles.total}>
        <b className={styles.figure}>{timeline.ok ? formatSeconds(timeline.value.total) : '–'}</b> {plan.name},{' '}
        {formatSeconds(plan.slotSeconds)} slot
      </p>
      {timeline.ok ? (
        <Ribbon blocks={blocksOf(timeline.value, pieceNames(plan))} total={timeline.value.total} span={plan.slotSeconds} />
      ) : (
        <p className={kit.mend}>{timeline.problems[0]?.message}</p>
      )}
      <Missed reading={reading} exercises={exercises} onAdd={onAdd} onWords={onWords} />
      {plan.parts.map((part) => {
        const about = clausesText(partClauses(part))
        const name = part.name ?? (part.role && upperFirst(roleNames[part.role]))
        return (
          <section key={part.id} className={styles.part}>
            {(about !== '' || name) && (
              <h3>
                {name}
                {about === '' ? '' : name ? about : `All of it${about.slice(1)}`}
              </h3>
            )}
            {part.pieces.map((piece) => (
              <PieceRead key={piece.id} piece={piece} movings={movings} known={known} />
            ))}
          </section>
        )
      })}
    </div>
  )
})

interface PieceReadProps {
  piece: Piece
  movings: Parameters<typeof pieceText>[1]
  known: ReadonlyMap<string, Exercise>
}

/** A piece as a sentence, with what is done at its places. */
const PieceRead = memo(({ piece, movings, known }: PieceReadProps) => (
  <div className={styles.piece}>
    <p>{sentenceOf(piece, movings)}</p>
    {piece.type === 'circuit' && <Places circuit={piece} known={known} />}
  </div>
))

const sentenceOf = (...[piece, movings]: Parameters<typeof pieceText>): string => {
  const text = pieceText(piece, movings)
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`
}

/** What is done at each station, or the items of the one list. */
function Places({ circuit, known }: { circuit: Circuit; known: ReadonlyMap<string, Exercise> }) {
  const inList = circuit.stay.kind === 'task'
  const onRungs = circuit.stay.kind === 'task' && circuit.stay.rungs !== undefined
  const words = (use: Use) => {
    const exercise = known.get(use.exerciseId)
    const name = exercise ? formOf(exercise, use.optionId).name : use.exerciseId
    const text = `${itemText(use, name, onRungs)}${use.sides === 'ownInterval' ? ', each side' : ''}`
    return (
      <span key={use.id} className={exercise ? undefined : styles.unknown}>
        {inList ? text : midSentence(text)}
      </span>
    )
  }
  const joined = (uses: readonly Use[], mark: string) => uses.flatMap((use, index) => (index === 0 ? [words(use)] : [mark, words(use)]))
  const [only, ...others] = circuit.stations
  if (inList && only && others.length === 0) return <p className={styles.items}>{joined(only.uses, ', ')}</p>
  return (
    <ol className={styles.items}>
      {circuit.stations.map((station) => (
        <li key={station.id}>
          {station.rest ? (
            'rest'
          ) : station.uses.length === 0 ? (
            <span className="second">no exercise yet</span>
          ) : (
            joined(station.uses, inList ? ', ' : ' + ')
          )}
        </li>
      ))}
    </ol>
  )
}
