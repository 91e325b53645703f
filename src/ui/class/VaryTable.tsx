import { Button, Select } from '@mantine/core'
import { useState } from 'react'
import { readRungs } from '@core/plan/notation'
import type { Circuit, Variation } from '@core/plan/plan'
import { lapsOf } from '@core/plan/turns'
import { formatSeconds, parseSeconds } from '@core/units'
import { useClass, usePlanEdits, type EditCircuit } from './context'
import { DraftField, type Notation } from '../kit/DraftField'

/** The figures that may differ at one lap or repeat, each with how it is written. */
type Field = 'workSeconds' | 'gapSeconds' | 'setRestSeconds' | 'transitionSeconds' | 'capSeconds' | 'aimRounds' | 'rungs'

const names: Record<Field, string> = { workSeconds: 'work', gapSeconds: 'gap', setRestSeconds: 'set rest', transitionSeconds: 'transition', capSeconds: 'time cap', aimRounds: 'aim, rounds', rungs: 'rungs' }

const fieldsFor = (circuit: Circuit): Field[] => (circuit.stay.kind === 'intervals' ? ['workSeconds', 'gapSeconds', 'setRestSeconds', 'transitionSeconds'] : ['capSeconds', 'aimRounds', 'rungs', 'transitionSeconds'])

type Value = number | number[]

const times = (text: string): number[] | undefined => {
  const parts = text.split(/\s*\+\s*/).map(parseSeconds)
  return parts.some((each) => each === undefined || each < 1) ? undefined : (parts as number[])
}

function notationOf(field: Field, positions: number): Notation<Value> {
  if (field === 'workSeconds') {
    return { show: (value) => (value as number[]).map(formatSeconds).join(' + '), read: (text) => { const read = times(text); return read?.length === positions ? read : undefined }, allowed: positions === 1 ? 'A time such as 0:30' : `${positions} times, such as ${Array(positions).fill('0:30').join(' + ')}` }
  }
  if (field === 'rungs') return { show: (value) => (value as number[]).join('-'), read: readRungs, allowed: 'Figures such as 10-8-6' }
  if (field === 'aimRounds') return { show: String, read: (text) => (/^\d{1,3}$/.test(text.trim()) && Number(text) > 0 ? Number(text) : undefined), allowed: 'A whole number of rounds' }
  const least = field === 'capSeconds' ? 1 : 0
  return { show: (value) => formatSeconds(value as number), read: (text) => { const read = parseSeconds(text); return read !== undefined && read >= least && read <= 3600 ? read : undefined }, allowed: 'A time such as 0:30' }
}

const shown = (field: Field, value: Value, positions: number) => notationOf(field, positions).show(value)

/** What differs from lap to lap, or from repeat to repeat of the part; with a row to add another. */
export function VaryTable({ circuit, edit }: { circuit: Circuit; edit: EditCircuit }) {
  const { document, library } = useClass()
  const { editPlan } = usePlanEdits()
  const partAt = document.plan.parts.findIndex((part) => part.pieces.some((piece) => piece.id === circuit.id))
  const part = document.plan.parts[partAt]!
  const laps = lapsOf(circuit)
  const positions = circuit.stay.kind === 'intervals' ? circuit.stay.workSeconds.length : 1
  const here = new Set([circuit.id, ...circuit.stations.flatMap((station) => [station.id, ...station.uses.map((use) => use.id)])])
  const rows = [
    ...circuit.vary.map((variation, index) => ({ variation, unit: 'Lap', remove: () => edit((draft) => void draft.vary.splice(index, 1)) })),
    ...part.vary.flatMap((variation, index) => (here.has(variation.id) ? [{ variation, unit: 'Time', remove: () => editPlan((draft) => void draft.parts[partAt]!.vary.splice(index, 1)) }] : [])),
  ]
  const exerciseName = (id: string) => library.exercises.find((each) => each.id === id)?.name ?? id
  const places = [...Array.from({ length: laps }, (_, lap) => ({ value: `lap:${lap}`, label: `lap ${lap + 1}` })), ...Array.from({ length: part.repeat }, (_, repeat) => ({ value: `repeat:${repeat}`, label: `time ${repeat + 1} of ${part.repeat}` }))]
  const [place, setPlace] = useState('lap:0')
  const [field, setField] = useState<Field>(fieldsFor(circuit)[0]!)
  const [value, setValue] = useState<Value>()
  const chosenPlace = places.some((each) => each.value === place) ? place : places[0]!.value
  const chosenField = fieldsFor(circuit).includes(field) ? field : fieldsFor(circuit)[0]!
  const add = () => {
    const [unit, at] = chosenPlace.split(':') as ['lap' | 'repeat', string]
    const variation = { at: Number(at), id: circuit.id, field: chosenField, value } as Variation
    const replaced = (list: Variation[]) => [...list.filter((each) => !(each.at === variation.at && each.id === variation.id && each.field === variation.field)), variation]
    if (unit === 'lap') edit((draft) => void (draft.vary = replaced(draft.vary)))
    else editPlan((draft) => void (draft.parts[partAt]!.vary = replaced(draft.parts[partAt]!.vary)))
  }
  const what = (variation: Variation): string => {
    const station = circuit.stations.findIndex((each) => each.id === variation.id || each.uses.some((use) => use.id === variation.id))
    const where = station < 0 ? '' : `station ${station + 1}, `
    if (variation.field in names) return `${where}${names[variation.field as Field]} ${shown(variation.field as Field, variation.value as Value, positions)}`
    if (variation.field === 'exerciseId') return `${where}${exerciseName(variation.value)}`
    if (variation.field === 'reps') return `${where}${variation.value.count} reps`
    return `${where}${variation.field} ${typeof variation.value === 'string' ? variation.value : ''}`
  }
  return (
    <>
      <h3>What differs</h3>
      {rows.length === 0 && <p className="second">Every lap is alike.</p>}
      {rows.length > 0 && (
        <ul className="vary-list">
          {rows.map(({ variation, unit, remove }) => (
            <li key={`${unit}-${variation.at}-${variation.id}-${variation.field}`}>
              <span>
                <b>
                  {unit} {variation.at + 1}
                </b>{' '}
                {what(variation)}
              </span>
              <Button size="compact-xs" variant="default" onClick={remove} aria-label={`${unit} ${variation.at + 1}, ${what(variation)}: as the others again`}>
                As the others again
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="fields">
        <Select label="At" classNames={{ root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }} data={places} value={chosenPlace} allowDeselect={false} onChange={(next) => next && setPlace(next)} />
        <Select
          label="differs"
          classNames={{ root: 'draft-field is-choice', label: 'draft-label', input: 'draft-input' }}
          data={fieldsFor(circuit).map((each) => ({ value: each, label: names[each] }))}
          value={chosenField}
          allowDeselect={false}
          onChange={(next) => {
            setField(next as Field)
            setValue(undefined)
          }}
        />
        <DraftField key={`${chosenField}-${positions}`} label="to" optional value={value} notation={notationOf(chosenField, positions)} onChange={setValue} />
        <Button variant="default" className="field-button" disabled={value === undefined} onClick={add}>
          Add
        </Button>
      </div>
    </>
  )
}
