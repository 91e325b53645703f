import { Checkbox, Group, SegmentedControl, Select, TextInput } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import { BeginHall } from '@core/access/credentials'
import { metresPerFoot, readLength } from '@core/library/length'
import type { NewHall } from '@core/library/new-hall'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { AskingForm } from '../access/AskingForm'
import { OwnFields } from '../access/OwnFields'
import { useAskingForm } from '../access/use-asking-form'
import kit from '../kit/kit.module.css'

interface BeginFormProps {
  /** The link by which it begins. */
  token: string
  /** The name of the demo, if that is what is there. */
  demo?: string | undefined
  timeZone: string
}

/** Where somebody begins a hall of their own: its name, zone and units, the first room, and who they are; all else can come later. */
export function BeginForm(props: BeginFormProps) {
  return (
    <Kit>
      <Begin {...props} />
    </Kit>
  )
}

function Begin({ token, demo, timeZone }: BeginFormProps) {
  const [sure, setSure] = useState(false)
  const { form, submit, busy, problem } = useAskingForm({
    schema: BeginHall,
    initial: {
      hallName: '',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || timeZone,
      weightUnit: 'kg',
      lengthUnit: 'm',
      clock: '24h',
      room: 'Main room',
      long: '15',
      wide: '10',
      usualGear: true,
      name: '',
      email: '',
      password: '',
    },
    check: (values) => ({
      hallName: values.hallName.trim() === '' ? 'Give the hall a name' : undefined,
      room: values.room.trim() === '' ? 'Give the room a name' : undefined,
      long: lengthProblem(values.long, values.lengthUnit),
      wide: lengthProblem(values.wide, values.lengthUnit),
    }),
    from: ({ name, email, password, ...hall }) => ({ owner: { name, email, password }, hall: hallOf(hall) }),
    send: (begun) => api('POST', `/api/begin/${token}`, begun),
    done: () => location.assign('/'),
  })
  const { values } = form
  const unit = values.lengthUnit as NewHall['lengthUnit']
  return (
    <AskingForm
      onSubmit={(event) => {
        if (!demo || sure) return submit(event)
        event.preventDefault()
        setSure(true)
      }}
      busy={busy}
      problem={problem}
      press={demo && sure ? 'Begin, without the demo' : 'Begin'}
    >
      <TextInput label="Name of the hall" placeholder="Riverside studio" data-autofocus {...form.getInputProps('hallName')} />
      <Select
        label="Time zone"
        searchable
        allowDeselect={false}
        data={Intl.supportedValuesOf('timeZone').includes(values.timeZone) ? Intl.supportedValuesOf('timeZone') : [values.timeZone]}
        {...form.getInputProps('timeZone')}
      />
      <Group>
        <SegmentedControl aria-label="Weights in" data={['kg', 'lb']} {...form.getInputProps('weightUnit')} />
        <SegmentedControl
          aria-label="Lengths in"
          data={['m', 'ft']}
          value={unit}
          onChange={(next) => {
            const inNext = (text: string) => {
              const metres = readLength(text, unit)
              return metres === undefined ? text : String(Math.round(next === 'ft' ? metres / metresPerFoot : metres))
            }
            form.setValues({ lengthUnit: next, long: inNext(values.long), wide: inNext(values.wide) })
          }}
        />
        <SegmentedControl
          aria-label="Times of day"
          data={[
            { value: '24h', label: '18:05' },
            { value: '12h', label: '6:05 pm' },
          ]}
          {...form.getInputProps('clock')}
        />
      </Group>
      <TextInput label="First room" {...form.getInputProps('room')} />
      <Group grow align="flex-start">
        <TextInput label={`Long, ${unit}`} {...form.getInputProps('long')} />
        <TextInput label={`Wide, ${unit}`} {...form.getInputProps('wide')} />
      </Group>
      <Checkbox
        label="Start with a usual set of gear, to be counted under Gear"
        {...form.getInputProps('usualGear', { type: 'checkbox' })}
      />
      <OwnFields inputProps={form.getInputProps} />
      {demo && sure && (
        <div className={kit.note} data-severity="mend" role="alert">
          <b>{demo} goes for good, with all that you tried in it.</b>
          <p>Its exercises stay. To keep it, save it first with ./start backup.</p>
        </div>
      )}
    </AskingForm>
  )
}

interface TypedHall extends Omit<NewHall, 'name' | 'room' | 'weightUnit' | 'lengthUnit' | 'clock'> {
  hallName: string
  weightUnit: string
  lengthUnit: string
  clock: string
  room: string
  long: string
  wide: string
}

const hallOf = ({ hallName, room, long, wide, ...hall }: TypedHall) => ({
  ...hall,
  name: hallName,
  room: {
    id: nanoid(10),
    name: room,
    lengthMetres: readLength(long, hall.lengthUnit as NewHall['lengthUnit']),
    widthMetres: readLength(wide, hall.lengthUnit as NewHall['lengthUnit']),
    ceilingMetres: 3,
  },
})

function lengthProblem(text: string, unit: string): string | undefined {
  const metres = readLength(text, unit as NewHall['lengthUnit'])
  return metres !== undefined && metres >= 2 && metres <= 200 ? undefined : `A length, such as ${unit === 'ft' ? '40' : '12'}`
}

export const BeginFormIsland = fromText(BeginForm)
