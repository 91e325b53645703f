import { Button, Select, Stack, TextInput } from '@mantine/core'
import { useForm } from '@mantine/form'
import { upperFirst } from '@mantine/hooks'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { nanoid } from 'nanoid'
import { read } from '@core/base/read'
import { AskedExercise, Impact, Pattern, Region, Stance } from '@core/library/exercise'
import { asksBy, guessOf, type Guess } from '@core/library/guess'
import { api } from './api'
import { FormDialog, GiveUp } from './FormDialog'
import { tellProblem } from './notice'
import kit from './kit.module.css'

interface AddExerciseProps {
  opened: boolean
  /** As it was typed and not found. */
  name: string
  /** The kinds of gear that the hall has. */
  gear: readonly { id: string; name: string }[]
  /** Where this page has its exercises from. */
  source: string
  onClose: () => void
  onAdded: (exerciseId: string) => void
}

const impactNames: Record<Impact, string> = { none: 'none', low: 'low: one foot stays down', high: 'high: both feet leave the floor' }

/** Adds an exercise where it was missed: what a class is judged by, guessed from the name and open to be put right. */
export function AddExercise({ opened, name, gear, source, onClose, onAdded }: AddExerciseProps) {
  const client = useQueryClient()
  const form = useForm({ initialValues: { name: upperFirst(name), kindId: '', easier: '', ...guessOf(name) } })
  const { values } = form
  const adding = useMutation({
    mutationFn: async () => {
      const exercise = {
        id: nanoid(10),
        name: values.name.trim(),
        regions: [values.region],
        pattern: values.pattern,
        stance: values.stance,
        impact: values.impact,
        gear: values.kindId ? [{ kindId: values.kindId, per: 'person', count: 1 }] : [],
        asks: asksBy(values),
        setUp: '',
        points: [],
        fault: '',
        options: values.easier.trim() ? [{ id: nanoid(10), name: values.easier.trim(), rung: 'easier' }] : [],
      }
      const checked = read(AskedExercise, exercise)
      if (!checked.ok) throw new Error(checked.problems[0]!.message)
      await api('POST', '/api/exercises', checked.value)
      await client.invalidateQueries({ queryKey: [source] })
      return exercise.id
    },
    onSuccess: onAdded,
    onError: tellProblem,
  })
  const guessed = (field: keyof Guess) => (values[field] === guessOf(name)[field] ? 'guessed from the name' : undefined)
  const choice = (field: keyof Guess, label: string, data: readonly (string | { value: string; label: string })[]) => (
    <Select label={label} description={guessed(field)} data={[...data]} allowDeselect={false} {...form.getInputProps(field)} />
  )
  return (
    <FormDialog opened={opened} dirty={form.isDirty()} onClose={onClose} title={`Add “${name}”`} centered>
      <form onSubmit={form.onSubmit(() => adding.mutate())} noValidate>
        <Stack gap="sm">
          <TextInput label="Name" data-autofocus {...form.getInputProps('name')} />
          {choice('region', 'Region', Region.options)}
          {choice('pattern', 'Movement', Pattern.options)}
          {choice('stance', 'Stance', Stance.options)}
          {choice(
            'impact',
            'Impact',
            Impact.options.map((value) => ({ value, label: impactNames[value] })),
          )}
          <Select
            label="Gear, each"
            data={[{ value: '', label: 'none' }, ...gear.map((kind) => ({ value: kind.id, label: kind.name }))]}
            allowDeselect={false}
            {...form.getInputProps('kindId')}
          />
          <TextInput label="An easier form" placeholder="for newcomers, and who has to go easy" {...form.getInputProps('easier')} />
          <p className="second">It can be used at once. How it is set up and done is still to be written, under Exercises.</p>
          <div className={kit.dialogFoot}>
            <GiveUp />
            <Button type="submit" loading={adding.isPending}>
              Add it
            </Button>
          </div>
        </Stack>
      </form>
    </FormDialog>
  )
}
