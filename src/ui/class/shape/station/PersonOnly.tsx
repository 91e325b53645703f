import { useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import { formOf, formsOf } from '@core/library/form'
import type { Use } from '@core/plan/plan'
import { useClass } from '../../shared/context'
import { WordChoice } from '../sentence/WordChoice'
import sentence from '../sentence/sentence.module.css'

interface PersonOnlyProps {
  exercise: Exercise
  use: Use
  /** Whether somebody is being chosen. */
  adding: boolean
  onAdded: () => void
}

const standard = ''

/** What single people do instead of everyone in this class: another form of the exercise, another size of what it takes. */
export function PersonOnly({ exercise, use, adding, onAdded }: PersonOnlyProps) {
  const { document, computed, library, change } = useClass()
  const [chosen, setChosen] = useState<readonly string[]>([])
  const { gear } = formOf(exercise, use.optionId)
  const sized = library.gear.filter((kind) => kind.sizes.length > 1 && gear.some(({ kindId }) => kindId === kind.id))
  const has = (id: string) =>
    chosen.includes(id) ||
    document.options?.[id]?.[exercise.id] !== undefined ||
    sized.some((kind) => document.sizes?.[id]?.[kind.id] !== undefined)
  const named = computed.people.filter(({ counted }) => !counted)
  const own = named.filter(({ id }) => has(id))
  const set = (field: 'options' | 'sizes', person: string, key: string, value: string) =>
    change((draft) => {
      const { [key]: _, ...rest } = draft[field]?.[person] ?? {}
      const next = value === standard ? rest : { ...rest, [key]: value }
      const { [person]: __, ...others } = draft[field] ?? {}
      draft[field] = Object.keys(next).length > 0 ? { ...others, [person]: next } : others
    })
  if (own.length === 0 && !adding) return null
  if (named.length === 0) return <p className="second">Nobody is here yet: add people on People first.</p>
  const forms = formsOf(exercise).filter(({ optionId }) => optionId !== use.optionId)
  return (
    <>
      {own.map(({ id, name }) => (
        <p key={id} className={`${sentence.sentence} ${sentence.small}`}>
          Only {name}:{' '}
          <WordChoice
            slot={`${use.id}.form.${id}`}
            label={`What ${name} does`}
            value={document.options?.[id]?.[exercise.id] ?? standard}
            choices={[
              { value: standard, words: 'as everyone' },
              ...forms.flatMap((form) => (form.optionId ? [{ value: form.optionId, words: form.name }] : [])),
            ]}
            onChange={(value) => set('options', id, exercise.id, value)}
          />
          {sized.map((kind) => (
            <span key={kind.id}>
              , {kind.name.toLowerCase()}{' '}
              <WordChoice
                slot={`${use.id}.${kind.id}.${id}`}
                label={`${kind.name} for ${name}`}
                value={document.sizes?.[id]?.[kind.id] ?? standard}
                choices={[{ value: standard, words: 'as usual' }, ...kind.sizes.map((size) => ({ value: size.id, words: size.label }))]}
                onChange={(value) => set('sizes', id, kind.id, value)}
              />
            </span>
          ))}
          .
        </p>
      ))}
      {adding && (
        <p className={`${sentence.sentence} ${sentence.small}`}>
          Only{' '}
          <WordChoice
            slot={`${use.id}.who`}
            label="For whom"
            value=""
            words="whom?"
            choices={[
              { value: '', words: 'whom?' },
              ...named.filter(({ id }) => !has(id)).map(({ id, name }) => ({ value: id, words: name })),
            ]}
            onChange={(id) => {
              if (!id) return
              setChosen([...chosen, id])
              onAdded()
            }}
          />
        </p>
      )}
    </>
  )
}
