import { Button, Group, Select, Stack, TextInput } from '@mantine/core'
import { useForm } from '@mantine/form'
import { nanoid } from 'nanoid'
import type { Room } from '@core/library/room'
import { limits } from '@core/base/limits'
import type { Plan } from '@core/plan/plan'
import { planOf, presets, type PresetMakings } from '@core/plan/edit/presets'
import { timeKey } from '@core/base/calendar/zoned'
import { starterPlan } from '@core/plan/edit/starter'
import { FormDialog, GiveUp } from '../kit/FormDialog'
import { tellProblem } from '../kit/notice'
import { NumberField } from '../kit/NumberField'
import { anyUntaken } from '../kit/unsaved'
import { WhenField } from '../kit/WhenField'
import { createClass } from './create-class'
import { habitAt, nextFree, type Habit } from './habits'
import styles from './classes.module.css'

/** What a new class is made from. */
export interface NewClassSources {
  plans: Plan[]
  rooms: Room[]
  zone: string
  clock: '24h' | '12h'
  now: string
  planId?: string | undefined
  /** The classes of these weeks, the latest first. */
  habits: readonly Habit[]
  /** Exercises that presets begin with. */
  makings: Omit<PresetMakings, 'newId'>
}

interface NewClassProps extends NewClassSources {
  opened: boolean
  onClose: () => void
}

const newId = () => nanoid(10)

/** What to begin with: empty stations, a shape or a plan; ids of shapes and plans may be the same. */
const empty = 'empty'
const shapeKey = (id: string) => `shape:${id}`
const planKey = (id: string) => `plan:${id}`

export function NewClass({ opened, onClose, plans, rooms, zone, clock, now, planId, makings, habits }: NewClassProps) {
  const given = plans.find((plan) => plan.id === planId)
  const firstRoom = habits[0]?.roomId ?? rooms[0]?.id ?? ''
  const firstMinutes = given ? given.slotSeconds / 60 : 45
  const form = useForm({
    initialValues: {
      name: given?.name ?? '',
      startsAt: nextFree(habits, now, firstRoom, firstMinutes),
      roomId: firstRoom,
      from: given ? planKey(given.id) : shapeKey(presets[0]!.id),
      stations: 8 as number | undefined,
      minutes: firstMinutes as number | undefined,
    },
    validate: {
      name: (value) =>
        value.trim() === ''
          ? 'Give the class a name'
          : value.trim().length > limits.nameLength
            ? `At most ${limits.nameLength} characters`
            : null,
      roomId: (value) => (value === '' ? 'Choose a room' : null),
      stations: (value, values) => (values.from === empty ? wholeFrom(value, 1, limits.stations) : null),
      minutes: (value) => wholeFrom(value, 1, limits.totalSeconds / 60),
    },
  })

  /** At another time of day a class is like the last one then. */
  const startAt = (startsAt: string) => {
    const habit = habitAt(habits, timeKey(startsAt, zone))
    form.setValues({
      startsAt,
      ...(habit && !form.isDirty('roomId') && { roomId: habit.roomId }),
      ...(habit && { minutes: habit.minutes }),
    })
  }

  const create = async (values: typeof form.values) => {
    // The field says it itself.
    if (anyUntaken()) return
    const slotSeconds = Number(values.minutes) * 60
    const chosen = plans.find((plan) => planKey(plan.id) === values.from)
    const preset = presets.find((preset) => shapeKey(preset.id) === values.from)
    const name = values.name.trim()
    const plan = chosen
      ? { ...structuredClone(chosen), slotSeconds }
      : preset
        ? planOf(preset, name, slotSeconds, { newId, ...makings })
        : starterPlan(name, slotSeconds, Number(values.stations), newId)
    const document = {
      name: values.name,
      startsAt: values.startsAt,
      roomId: values.roomId,
      plan,
      here: [],
      walkIns: [],
      groupSize: 'pairs' as const,
    }
    try {
      location.assign(`/classes/${await createClass(document)}/shape?fill`)
    } catch (error) {
      tellProblem(error)
    }
  }

  const planChoices = [
    {
      group: 'Shapes',
      items: [...presets.map(({ id, name }) => ({ value: shapeKey(id), label: name })), { value: empty, label: 'Empty stations' }],
    },
    { group: 'Plans of this hall', items: plans.map((plan) => ({ value: planKey(plan.id), label: plan.name })) },
  ]
  const what = presets.find((preset) => shapeKey(preset.id) === form.values.from)?.what
  return (
    <FormDialog opened={opened} dirty={form.isDirty()} onClose={onClose} title="New class" centered>
      <form onSubmit={form.onSubmit(create)} noValidate>
        <Stack gap="sm">
          <TextInput label="Name" placeholder="Lunch circuit" data-autofocus {...form.getInputProps('name')} />
          <Group className={styles.newClassWhen} align="flex-start" wrap="nowrap">
            <WhenField value={form.values.startsAt} zone={zone} clock={clock} onChange={startAt} />
          </Group>
          <Select
            label="Room"
            data={rooms.map((room) => ({ value: room.id, label: room.name }))}
            allowDeselect={false}
            {...form.getInputProps('roomId')}
          />
          <Select
            label="Begin with"
            data={planChoices}
            allowDeselect={false}
            searchable
            selectFirstOptionOnChange
            // Enter takes the match that is shown; where there is none, it must not make a class of another shape.
            onKeyDown={(event) =>
              event.key === 'Enter' && event.currentTarget.getAttribute('aria-expanded') === 'true' && event.preventDefault()
            }
            description={what && `${what}, with a warm-up and a cool-down`}
            nothingFoundMessage="No such shape or plan"
            {...form.getInputProps('from')}
            // What is typed replaces the choice instead of going on after it.
            onFocus={(event) => event.currentTarget.select()}
            onChange={(value) => {
              const plan = plans.find((plan) => planKey(plan.id) === value)
              form.setFieldValue('from', value ?? empty)
              const slotSeconds = plan?.slotSeconds ?? presets.find((preset) => shapeKey(preset.id) === value)?.slotSeconds
              if (slotSeconds) form.setFieldValue('minutes', slotSeconds / 60)
              if (!plan) return
              if (form.values.name.trim() === '') form.setFieldValue('name', plan.name)
            }}
          />
          <Group grow align="flex-start">
            {form.values.from === empty && <NumberField label="Stations" {...form.getInputProps('stations')} />}
            <NumberField label="Slot, in minutes" {...form.getInputProps('minutes')} />
          </Group>
          <Group justify="flex-end" mt="sm">
            <GiveUp />
            <Button type="submit">Create class</Button>
          </Group>
        </Stack>
      </form>
    </FormDialog>
  )
}

function wholeFrom(value: number | undefined, least: number, most: number): string | null {
  return value !== undefined && Number.isInteger(value) && value >= least && value <= most
    ? null
    : `A whole number from ${least} to ${most}`
}
