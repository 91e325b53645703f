import { nanoid } from 'nanoid'
import { useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import { formOf, formsOf } from '@core/library/form'
import type { Stay, Use } from '@core/plan/plan'
import { useClauses, useOffers, type UsePlace } from '@core/summary/sentence/use-clauses'
import { Offers } from '../sentence/Offers'
import { Sentence, type SentenceEdits } from '../sentence/Sentence'
import { PersonOnly } from './PersonOnly'
import { UseInstead } from './UseInstead'
import kit from '../../../kit/kit.module.css'
import sentence from '../sentence/sentence.module.css'
import styles from './station.module.css'

const newId = () => nanoid(10)

interface UseSentenceProps {
  use: Use
  exercise: Exercise | undefined
  kind: Stay['kind']
  laps: number | undefined
  edits: SentenceEdits<Use>
  /** Changes the use and goes on to the slot of it. */
  onAdd: (change: (use: Use) => Use, slot: string) => void
}

/** How an exercise is done at its place, as a sentence; what it does not say is offered. */
export function UseSentence({ use, exercise, kind, laps, edits, onAdd }: UseSentenceProps) {
  const [instead, setInstead] = useState(false)
  const [person, setPerson] = useState(false)
  const forms = exercise
    ? formsOf(exercise).map(({ optionId, name, rung }) => ({
        value: optionId ?? '',
        words: optionId === undefined ? name : `${rung === 'substitute' ? 'instead' : rung}: ${name}`,
      }))
    : [{ value: '', words: use.exerciseId }]
  const place: UsePlace = { forms, oneSided: exercise?.oneSided ?? false, kind }
  const usesGear = exercise !== undefined && formOf(exercise, use.optionId).gear.length > 0
  const prefix = `${use.id}.`
  return (
    <div className={styles.use} role="group" aria-label={exercise?.name ?? use.exerciseId}>
      <p className={`${sentence.sentence} ${sentence.small}`}>
        <Sentence clauses={useClauses(use, place)} prefix={prefix} edits={edits} />.
      </p>
      {use.sides === 'byLap' && laps !== undefined && laps % 2 === 1 && (
        <p className={kit.mend}>
          One side is left short: {laps} {laps === 1 ? 'lap' : 'laps'}.
        </p>
      )}
      <Offers
        offers={[
          ...useOffers(use, place).map(({ id, words, slot, add }) => ({
            id,
            words,
            onAdd: () => onAdd((now) => add(now, newId), `${prefix}${slot}`),
          })),
          ...(usesGear && !use.alternatives && !instead
            ? [{ id: 'instead', words: 'something else when the gear runs out', onAdd: () => setInstead(true) }]
            : []),
          ...(exercise && !person ? [{ id: 'person', words: 'for one person only', onAdd: () => setPerson(true) }] : []),
        ]}
      />
      {(use.alternatives || instead) && (
        <UseInstead
          alternatives={use.alternatives ?? []}
          onChange={(alternatives) =>
            void edits.set('', ({ alternatives: _, ...now }) => (alternatives.length > 0 ? { ...now, alternatives } : now))
          }
        />
      )}
      {exercise && <PersonOnly exercise={exercise} use={use} adding={person} onAdded={() => setPerson(false)} />}
    </div>
  )
}
