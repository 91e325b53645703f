import { Button, Checkbox, Group, SegmentedControl, Select, Stack, TextInput } from '@mantine/core'
import { useForm } from '@mantine/form'
import { useMutation } from '@tanstack/react-query'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import { read } from '@core/base/read'
import { metresPerFoot, readLength } from '@core/library/length'
import { NewHall } from '@core/library/new-hall'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'

interface BeginPageProps {
  /** The name of the demo, if that is what is there. */
  demo?: string | undefined
  timeZone: string
}

/** Where somebody begins a hall of their own: its name, zone and units, and the first room; all else can come later. */
export function BeginPage(props: BeginPageProps) {
  return (
    <Kit>
      <Begin {...props} />
    </Kit>
  )
}

function Begin({ demo, timeZone }: BeginPageProps) {
  const [sure, setSure] = useState(false)
  const form = useForm({
    initialValues: {
      name: '',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || timeZone,
      weightUnit: 'kg',
      lengthUnit: 'm',
      clock: '24h',
      room: 'Main room',
      long: '15',
      wide: '10',
      usualGear: true,
    },
    validate: {
      name: (value) => (value.trim() === '' ? 'Give the hall a name' : null),
      room: (value) => (value.trim() === '' ? 'Give the room a name' : null),
      long: (value, { lengthUnit }) => lengthProblem(value, lengthUnit),
      wide: (value, { lengthUnit }) => lengthProblem(value, lengthUnit),
    },
  })
  const { values } = form
  const unit = values.lengthUnit as NewHall['lengthUnit']
  const begin = useMutation({
    mutationFn: async (hall: NewHall) => api('POST', '/api/hall', hall),
    onSuccess: () => location.assign('/'),
    onError: tellProblem,
  })
  const submit = () => {
    if (demo && !sure) return setSure(true)
    const hall = read(NewHall, {
      name: values.name,
      timeZone: values.timeZone,
      weightUnit: values.weightUnit,
      lengthUnit: unit,
      clock: values.clock,
      usualGear: values.usualGear,
      room: {
        id: nanoid(10),
        name: values.room,
        lengthMetres: readLength(values.long, unit),
        widthMetres: readLength(values.wide, unit),
        ceilingMetres: 3,
      },
    })
    if (!hall.ok) return tellProblem(new Error(hall.problems[0]?.message))
    begin.mutate(hall.value)
  }
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Begin your own hall</h1>
      </div>
      <form className={shell.sheet} onSubmit={form.onSubmit(submit)} noValidate>
        <Stack gap="sm" maw={520}>
          <TextInput label="Name of the hall" placeholder="Riverside studio" data-autofocus {...form.getInputProps('name')} />
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
          {demo && sure && (
            <div className={kit.note} data-severity="mend" role="alert">
              <b>{demo} goes for good, with all that you tried in it.</b>
              <p>Its exercises stay. To keep it, save it first with ./start backup.</p>
            </div>
          )}
          <Group>
            <Button type="submit" loading={begin.isPending}>
              {demo && sure ? 'Begin, without the demo' : 'Begin'}
            </Button>
            {demo && (
              <Button component="a" href="/" variant="default">
                Stay in the demo
              </Button>
            )}
          </Group>
        </Stack>
      </form>
    </div>
  )
}

function lengthProblem(text: string, unit: string): string | null {
  const metres = readLength(text, unit as NewHall['lengthUnit'])
  return metres !== undefined && metres >= 2 && metres <= 200 ? null : `A length, such as ${unit === 'ft' ? '40' : '12'}`
}

export const BeginPageIsland = fromText(BeginPage)
