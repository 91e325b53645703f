import { Button, Select } from '@mantine/core'
import { useState } from 'react'
import type { Piece, Variation } from '@core/plan/plan'
import { lapsOf } from '@core/plan/turns'
import { DraftField } from '../../kit/DraftField'
import { useClass, usePlanEdits } from '../shared/context'
import { ExercisePicker } from '../shared/ExercisePicker'
import { VaryRules } from './VaryRules'
import { entryFor, fieldNames, targetsOf, variationText, type Entry, type VaryField } from './vary-fields'
import styles from '../class.module.css'

const choice = { root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }

/** What differs from lap to lap, or from repeat to repeat of the part; with a row to add another. */
export function VaryTable({ piece }: { piece: Piece }) {
  const { document, library } = useClass()
  const { editPlan, editPiece } = usePlanEdits()
  const partAt = document.plan.parts.findIndex((part) => part.pieces.some((known) => known.id === piece.id))
  const part = document.plan.parts[partAt]!
  const targets = targetsOf(piece, library.exercises)
  const here = new Map(targets.map((target) => [target.id, target]))
  const edit = (unit: string, change: (list: Variation[]) => Variation[]) => {
    if (unit === 'Time') editPlan((draft) => void (draft.parts[partAt]!.vary = change(draft.parts[partAt]!.vary)))
    else editPiece(piece, (draft) => draft.type === 'circuit' && void (draft.vary = change(draft.vary)))
  }
  const rows = [
    ...(piece.type === 'circuit' ? piece.vary.map((variation) => ({ variation, unit: 'Lap' })) : []),
    ...part.vary.flatMap((variation) => (here.has(variation.id) ? [{ variation, unit: 'Time' }] : [])),
  ]
  const byRule = (piece.type === 'circuit' && piece.varyRules !== undefined) || part.varyRules?.some(({ id }) => here.has(id)) === true
  const same = (one: Variation) => (other: Variation) => one.at === other.at && one.id === other.id && one.field === other.field
  const what = (variation: Variation) => {
    const label = here.get(variation.id)?.label
    const text = variationText(variation, library.exercises, targets)
    return label === undefined || here.get(variation.id) === targets[0] ? text : `${label}: ${text}`
  }
  return (
    <>
      <h3>What differs</h3>
      {rows.length === 0 && !byRule && <p className="second">Every {piece.type === 'circuit' ? 'lap' : 'time'} is alike.</p>}
      {rows.length > 0 && (
        <ul className={styles.varyList}>
          {rows.map(({ variation, unit }) => (
            <li key={`${unit}-${variation.at}-${variation.id}-${variation.field}`}>
              <span>
                <b>
                  {unit} {variation.at + 1}
                </b>{' '}
                {what(variation)}
              </span>
              <Button
                size="compact-xs"
                variant="default"
                onClick={() => edit(unit, (list) => list.filter((known) => !same(variation)(known)))}
                aria-label={`${unit} ${variation.at + 1}, ${what(variation)}: as the others again`}
              >
                As the others again
              </Button>
            </li>
          ))}
        </ul>
      )}
      <VaryRules piece={piece} partAt={partAt} targets={targets} />
      <AddVariation
        piece={piece}
        repeat={part.repeat}
        onAdd={(unit, variation) => edit(unit, (list) => [...list.filter((known) => !same(variation)(known)), variation])}
      />
    </>
  )
}

interface AddVariationProps {
  piece: Piece
  /** Times through the part. */
  repeat: number
  onAdd: (unit: 'Lap' | 'Time', variation: Variation) => void
}

function AddVariation({ piece, repeat, onAdd }: AddVariationProps) {
  const { library } = useClass()
  const targets = targetsOf(piece, library.exercises)
  const laps = piece.type === 'circuit' ? lapsOf(piece) : 0
  const places = [
    ...Array.from({ length: laps }, (_, lap) => ({ value: `Lap ${lap}`, label: `lap ${lap + 1}` })),
    ...(repeat > 1 || laps === 0
      ? Array.from({ length: repeat }, (_, time) => ({ value: `Time ${time}`, label: `time ${time + 1} of ${repeat}` }))
      : []),
  ]
  // Most often it is a later lap that differs.
  const [place, setPlace] = useState(`Lap ${Math.min(1, laps - 1)}`)
  const [targetId, setTarget] = useState(targets[0]!.id)
  const [field, setField] = useState<VaryField>()
  const [value, setValue] = useState<unknown>()
  const chosenPlace = places.find((known) => known.value === place)?.value ?? places[0]!.value
  const target = targets.find((target) => target.id === targetId) ?? targets[0]!
  const chosenField = field && target.fields.includes(field) ? field : target.fields[0]!
  const entry = entryFor(chosenField, target, library.exercises)
  const add = () => {
    const [unit, at] = chosenPlace.split(' ') as ['Lap' | 'Time', string]
    onAdd(unit, { at: Number(at), id: target.id, field: chosenField, value } as Variation)
    setValue(undefined)
  }
  return (
    <div className={styles.fields}>
      <Select
        label="At"
        classNames={choice}
        data={places}
        value={chosenPlace}
        allowDeselect={false}
        onChange={(next) => next && setPlace(next)}
      />
      {targets.length > 1 && (
        <Select
          label="where"
          classNames={{ ...choice, root: 'draft-field is-wide' }}
          data={targets.map(({ id, label }) => ({ value: id, label }))}
          value={target.id}
          allowDeselect={false}
          onChange={(next) => {
            if (next) setTarget(next)
            setValue(undefined)
          }}
        />
      )}
      <Select
        label="differs"
        classNames={choice}
        data={target.fields.map((field) => ({ value: field, label: fieldNames[field] }))}
        value={chosenField}
        allowDeselect={false}
        onChange={(next) => {
          setField(next as VaryField)
          setValue(undefined)
        }}
      />
      <ValueEntry key={`${target.id}-${chosenField}`} entry={entry} value={value} onChange={setValue} />
      <Button variant="default" className={styles.fieldButton} disabled={value === undefined} onClick={add}>
        Add
      </Button>
    </div>
  )
}

function ValueEntry({ entry, value, onChange }: { entry: Entry; value: unknown; onChange: (value: unknown) => void }) {
  if (entry.kind === 'text') return <DraftField label="to" optional value={value} notation={entry.notation} onChange={onChange} />
  if (entry.kind === 'choice')
    return (
      <Select
        label="to"
        classNames={{ ...choice, root: 'draft-field is-wide' }}
        data={entry.choices}
        value={(value as string | undefined) ?? null}
        placeholder="Choose"
        onChange={(next) => onChange(next ?? undefined)}
      />
    )
  return (
    <div className="draft-field is-wide">
      <div className="draft-label">to</div>
      <ExercisePicker label="to another exercise" value={value as string | undefined} onChange={onChange} />
    </div>
  )
}
