import { Button, Switch, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { strainNames } from '@core/library/exercise'
import type { GearKind } from '@core/library/gear-kind'
import type { Exercise } from '@core/library/exercise'
import { isToComplete } from '@core/library/guess'
import { exerciseSearch } from '@core/search/exercises'
import { fromText } from '../kit/from-text'
import { FormFigure } from '../kit/FormFigure'
import { Kit } from '../kit/Kit'
import { WhenSeen } from '../kit/WhenSeen'
import { ExerciseDetails } from './ExerciseDetails'
import { ExerciseEditor } from './ExerciseEditor'
import { UsualTimes } from './UsualTimes'
import type { StoredSettings } from '../kit/use-hall-settings'
import { useLibrary } from '../kit/use-library'
import type { StoredExercise } from './stored-exercise'
import styles from './exercises.module.css'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'

interface ExercisesPageProps {
  exercises: StoredExercise[]
  gear: readonly GearKind[]
  figures: StoredSettings
}

/** The hall's exercises: found by anything known of them, read, changed, added. */
export function ExercisesPage(props: ExercisesPageProps) {
  return (
    <Kit>
      <Exercises {...props} />
    </Kit>
  )
}

const examples = ['core, no jump, no gear', 'pull', 'no floor no knee', 'kettlebell hinge', 'stretch lower']

function Exercises({ exercises, gear, figures }: ExercisesPageProps) {
  const library = useLibrary<Exercise>({ path: '/api/exercises', many: 'exercises' }, exercises)
  const { stored, documents } = library
  const [query, setQuery] = useState('')
  const [chosenId, setChosen] = useState<string>()
  const [tuning, setTuning] = useState(false)
  const [onlyOpen, setOnlyOpen] = useState(false)
  const gearNames = useMemo(() => new Map(gear.map((kind) => [kind.id, kind.name])), [gear])
  const search = useMemo(() => exerciseSearch(documents, gearNames), [documents, gearNames])
  const open = documents.filter(isToComplete)
  const found = useMemo(() => (onlyOpen ? search(query).filter(isToComplete) : search(query)), [search, query, onlyOpen])
  const chosen = stored.find((stored) => stored.document.id === chosenId) ?? stored.find((stored) => stored.document.id === found[0]?.id)
  const put = (next: StoredExercise) => {
    library.put(next)
    setChosen(next.document.id)
  }
  const removed = (id: string) => {
    library.drop(id)
    setChosen(undefined)
  }
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Exercises</h1>
        <span className="second">{stored.length} in the library</span>
        <span className="push">
          <Button variant="default" onClick={() => setTuning(true)}>
            Usual times
          </Button>
          <Button onClick={() => library.edit('new')}>New exercise</Button>
        </span>
      </div>
      <div className={`${shell.sheet} ${styles.exercises}`}>
        <div className={styles.exercisesList}>
          <TextInput
            aria-label="Find exercises"
            placeholder="core, no jump, no gear"
            value={query}
            onChange={(event) => {
              setQuery(event.currentTarget.value)
              setChosen(undefined)
            }}
            autoFocus
          />
          {open.length > 0 && (
            <Switch
              label={`${open.length} to complete: set-up and form points are missing`}
              checked={onlyOpen}
              onChange={({ currentTarget: { checked } }) => setOnlyOpen(checked)}
              my={6}
            />
          )}
          <p className="second" role="status">
            {query.trim() === '' ? (
              <>
                Try{' '}
                {examples.map((example, index) => (
                  <span key={example}>
                    {index > 0 && ' · '}
                    <button type="button" className={styles.try} onClick={() => setQuery(example)}>
                      {example}
                    </button>
                  </span>
                ))}
              </>
            ) : (
              `${found.length} found`
            )}
          </p>
          {found.length === 0 ? (
            <div className={kit.empty}>
              <h2>None like that</h2>
              <p>Leave out a word, or add an exercise of your own.</p>
            </div>
          ) : (
            <ul>
              {found.map((exercise) => (
                <li key={exercise.id}>
                  <button type="button" aria-pressed={chosen?.document.id === exercise.id} onClick={() => setChosen(exercise.id)}>
                    <span className={styles.rowFigure}>
                      <WhenSeen height={44}>
                        <FormFigure form={exercise} />
                      </WhenSeen>
                    </span>
                    <b>{exercise.name}</b>
                    <span className="second">
                      {exercise.regions.join(', ')} · {exercise.pattern} · {exercise.stance}
                      {exercise.asks.length > 0 && ` · loads ${exercise.asks.map((strain) => strainNames[strain]).join(', ')}`}
                    </span>
                  </button>
                </li>
              ))}
            </ul>
          )}
        </div>
        {chosen && <ExerciseDetails exercise={chosen.document} gearNames={gearNames} onEdit={() => library.edit(chosen)} />}
      </div>
      {library.editing && (
        <ExerciseEditor
          key={library.edited?.document.id ?? 'new'}
          stored={library.edited}
          exercises={documents}
          gear={gear}
          onClose={library.close}
          onStored={put}
          onRemoved={removed}
        />
      )}
      {tuning && <UsualTimes first={figures} onClose={() => setTuning(false)} />}
    </div>
  )
}

export const ExercisesPageIsland = fromText(ExercisesPage)
