import { Button, Select } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import { useMutation } from '@tanstack/react-query'
import { nanoid } from 'nanoid'
import { useDeferredValue, useMemo, useState } from 'react'
import { limits } from '@core/base/limits'
import type { Exercise } from '@core/library/exercise'
import type { Room } from '@core/library/room'
import { readText } from '@core/text/read'
import { createClass } from '../classes/create-class'
import { nextFree, type Habit } from '../classes/habits'
import { api } from '../kit/api'
import { Fetched } from '../kit/Fetched'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { NumberField } from '../kit/NumberField'
import { whenOpened } from '../kit/when-opened'
import { ClassText } from '../text/ClassText'
import { withWords } from '../text/in-text'
import { ReadClass } from './ReadClass'
import styles from './type.module.css'
import shell from '../shell/shell.module.css'

interface TypePageProps {
  rooms: Room[]
  habits: readonly Habit[]
  now: string
  /** The kinds of gear that the hall has. */
  gear: readonly { id: string; name: string }[]
}

/** A class from text: typed as on a board, or pasted as it is, with what it is read as beside it. */
export function TypePage(props: TypePageProps) {
  return (
    <Kit>
      <Fetched<Library> address={source} what="This hall’s exercises">
        {(library) => <Typing {...props} library={library} />}
      </Fetched>
    </Kit>
  )
}

interface Library {
  exercises: { document: Exercise }[]
}

const source = '/api/exercises'
const newId = () => nanoid(10)
const AddExercise = whenOpened(async () => (await import('../kit/AddExercise')).AddExercise)

function Typing({ rooms, habits, now, gear, library }: TypePageProps & { library: Library }) {
  const exercises = useMemo(() => library.exercises.map(({ document }) => document), [library])
  const [adding, setAdding] = useState<string>()
  // Nothing typed is lost by a press beside the field.
  const [text, setText, forget] = useLocalStorage({ key: 'class-as-text', defaultValue: '', getInitialValueInEffect: false })
  const read = useDeferredValue(text)
  const reading = useMemo(() => readText(read, exercises, newId), [read, exercises])
  const [roomId, setRoom] = useState(habits[0]?.roomId ?? rooms[0]?.id ?? '')
  const [people, setPeople] = useState<number>()
  const isEmpty = text.trim() === ''
  const { mutate: create, isPending } = useMutation({
    mutationFn: async (then: 'open' | 'run') => {
      const { plan, size } = readText(text, exercises, newId)
      const startsAt = nextFree(habits, now, roomId, plan.slotSeconds / 60)
      const groupSize = size ?? 'pairs'
      const id = await createClass({
        ...{ name: plan.name, startsAt, roomId, plan, here: [], walkIns: [], groupSize },
        ...(people && { headCount: people }),
      })
      if (then === 'open') return `/classes/${id}/shape`
      return `/runs/${(await api<{ id: string }>('POST', `/api/classes/${id}/runs`)).id}`
    },
    onSuccess: (address) => {
      forget()
      location.assign(address)
    },
    onError: tellProblem,
  })
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Type or paste a class</h1>
        <a className="second" href="/notation">
          How to write it
        </a>
        {!isEmpty && (
          <form
            className={`push ${styles.make}`}
            onSubmit={(event) => {
              event.preventDefault()
              create('open')
            }}
          >
            <NumberField label="How many come" value={people} onChange={setPeople} min={0} max={limits.people} />
            {rooms.length > 1 && (
              <Select
                label="Room"
                data={rooms.map((room) => ({ value: room.id, label: room.name }))}
                value={roomId}
                onChange={(next) => setRoom(next ?? roomId)}
                allowDeselect={false}
              />
            )}
            <Button type="submit" variant="default" loading={isPending}>
              Create class
            </Button>
            <Button onClick={() => create('run')} loading={isPending}>
              Run class
            </Button>
          </form>
        )}
      </div>
      <div className={styles.panes}>
        <section className={shell.sheet} aria-label="Text">
          <ClassText text={text} onChange={setText} reading={read === text ? reading : undefined} exercises={exercises} />
        </section>
        <section className={shell.sheet} aria-label="How it is read">
          <ReadClass
            reading={reading}
            exercises={exercises}
            empty={isEmpty}
            onAdd={setAdding}
            onWords={(place, words) => setText(withWords(text, place, words))}
          />
        </section>
      </div>
      <AddExercise
        key={adding}
        opened={adding !== undefined}
        name={adding ?? ''}
        gear={gear}
        source={source}
        onClose={() => setAdding(undefined)}
        onAdded={() => setAdding(undefined)}
      />
    </div>
  )
}

export const TypePageIsland = fromText(TypePage)
