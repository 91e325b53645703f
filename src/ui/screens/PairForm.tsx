import { Button, Group, Select, TextInput } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { layoutNames, layouts, type Layout } from '@core/run/screens/wall-layouts'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import kit from '../kit/kit.module.css'

export interface PairableRun {
  id: string
  name: string
  stations: number[]
}

interface PairFormProps {
  /** The class whose screens these are; of several, one is chosen. */
  runs: PairableRun[]
  /** As the picture on the screen said it. */
  code?: string | undefined
}

const wallWord = (layout: Layout) => `Room wall: ${layoutNames[layout]}`

/** Tells a screen that shows a code what it is. */
export function PairForm(props: PairFormProps) {
  return (
    <Kit>
      <Pair {...props} />
    </Kit>
  )
}

function Pair({ runs, code: said = '' }: PairFormProps) {
  const [runId, setRunId] = useState(runs[0]?.id ?? '')
  const [code, setCode] = useState(said)
  const [show, setShow] = useState('wall room')
  const run = runs.find(({ id }) => id === runId)
  const choices = [
    ...layouts.map((layout) => ({ value: `wall ${layout}`, label: wallWord(layout) })),
    ...(run?.stations ?? []).map((station) => ({ value: `station ${station}`, label: `Station ${station}` })),
  ]
  const label = choices.find(({ value }) => value === show)?.label ?? ''

  const pairing = useMutation({
    mutationFn: async () => {
      const [screen, which] = show.split(' ')
      await api('POST', `/api/runs/${runId}/pairings`, {
        code,
        show: screen === 'wall' ? { screen, layout: which } : { screen, station: Number(which) },
      })
      return `Paired. In a moment the screen shows: ${label}.`
    },
    onSuccess: () => setCode(''),
  })
  const pair = (event: FormEvent) => {
    event.preventDefault()
    pairing.mutate()
  }

  return (
    <>
      <form onSubmit={pair} aria-label="Pair a screen">
        <Group align="end" gap="md">
          {runs.length > 1 && (
            <Select
              label="Class"
              data={runs.map(({ id, name }) => ({ value: id, label: name }))}
              value={runId}
              onChange={(value) => setRunId(value ?? '')}
              allowDeselect={false}
            />
          )}
          <TextInput
            label="Code on the screen"
            placeholder="K7PA"
            value={code}
            onChange={(event) => setCode(event.currentTarget.value)}
            maxLength={12}
            w={150}
            autoCapitalize="characters"
            autoComplete="off"
            spellCheck={false}
            required
            styles={{ input: { textTransform: 'uppercase' } }}
          />
          <Select
            label="It shows"
            data={choices}
            value={show}
            onChange={(value) => setShow(value ?? 'wall room')}
            allowDeselect={false}
            w={200}
          />
          <Button type="submit" loading={pairing.isPending} disabled={code.trim() === ''}>
            Pair the screen
          </Button>
        </Group>
        {pairing.isSuccess && (
          <div className={kit.note} data-severity="fine" role="status">
            {pairing.data}
          </div>
        )}
        {pairing.isError && (
          <div className={kit.note} data-severity="mend" role="alert">
            {pairing.error.message}
          </div>
        )}
      </form>
    </>
  )
}
