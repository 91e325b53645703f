import { nanoid } from 'nanoid'
import { Fragment, type ReactNode } from 'react'
import type { AnySlot, ClassSlot, Clause } from '@core/summary/sentence/said'
import { FigureField } from './FigureField'
import { WordChoice } from './WordChoice'
import styles from './sentence.module.css'

/** How changes of a sentence are taken: each may be refused in words, and what is typed in one slot is one step of undo. */
export interface SentenceEdits<Of> {
  begin: (slot: string) => void
  set: (slot: string, change: (of: Of) => Of) => string | undefined
}

interface SentenceProps<Of> {
  clauses: readonly Clause<Of>[]
  edits: SentenceEdits<Of>
  /** Tells this sentence's slots from those of others beside it. */
  prefix?: string
  /** Draws the words that the class decides. */
  classWords?: (slot: ClassSlot) => ReactNode
}

const newId = () => nanoid(10)

/** The clauses of a sentence, each figure and choice to be changed where it stands, each further clause to be taken away there. */
export function Sentence<Of>({ clauses, edits, prefix = '', classWords }: SentenceProps<Of>) {
  return clauses.map((clause) => <SaidClause key={clause.id} clause={clause} edits={edits} prefix={prefix} classWords={classWords} />)
}

function SaidClause<Of>({ clause, edits, prefix = '', classWords }: Omit<SentenceProps<Of>, 'clauses'> & { clause: Clause<Of> }) {
  const { without } = clause
  const takeAway = without && (() => void edits.set('', without))
  const first = clause.said.find((word) => typeof word !== 'string')
  const what = clause.said.map((word) => (typeof word === 'string' ? word : word.label)).join('')
  return (
    <span className={styles.clause}>
      {clause.said.map((word, at) =>
        typeof word === 'string' ? (
          <Fragment key={at}>{word}</Fragment>
        ) : (
          <SaidSlot
            key={word.slot}
            slot={word}
            edits={edits}
            prefix={prefix}
            classWords={classWords}
            onWithout={word === first ? takeAway : undefined}
          />
        ),
      )}
      {takeAway && (
        <button type="button" className={styles.away} aria-label={`Remove: ${what.replace(/^[\s,;.]+|[\s,;]+$/g, '')}`} onClick={takeAway}>
          ×
        </button>
      )}
    </span>
  )
}

interface SaidSlotProps<Of> extends Omit<SentenceProps<Of>, 'clauses'> {
  slot: AnySlot<Of>
  onWithout: (() => void) | undefined
}

function SaidSlot<Of>({ slot, edits, prefix = '', classWords, onWithout }: SaidSlotProps<Of>) {
  if (!('set' in slot)) return classWords ? classWords(slot) : slot.words
  const key = `${prefix}${slot.slot}`
  if (slot.kind === 'choice')
    return (
      <WordChoice
        slot={key}
        label={slot.label}
        value={slot.value}
        choices={slot.choices}
        onBegin={() => edits.begin(key)}
        onChange={(value) => void edits.set(key, (of) => slot.set(of, value, newId))}
      />
    )
  const set = slot.set as (of: Of, value: unknown, id: typeof newId) => Of
  return (
    <FigureField
      slot={{ ...slot, slot: key }}
      onBegin={() => edits.begin(key)}
      onSet={(value) => edits.set(key, (of) => set(of, value, newId))}
      onWithout={onWithout}
    />
  )
}
