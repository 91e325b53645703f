import { Button, Select } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { memo, useState } from 'react'
import { limits } from '@core/base/limits'
import type { Room } from '@core/library/room'
import type { TextReading } from '@core/text/read'
import { createClass } from '../classes/create-class'
import { nextFree, type Habit } from '../classes/habits'
import { api } from '../kit/api'
import { tellProblem } from '../kit/notice'
import { NumberField } from '../kit/NumberField'
import styles from './type.module.css'

export interface MakeClassProps {
  rooms: Room[]
  habits: readonly Habit[]
  now: string
  /** How many come, as the text says. */
  come: number | undefined
  /** The class as the text says it now. */
  said: () => Pick<TextReading, 'plan' | 'size'>
  onMade: () => void
}

/** How many come and where: makes the class of a text, and opens or runs it. */
export const MakeClass = memo(({ rooms, habits, now, come, said, onMade }: MakeClassProps) => {
  const [roomId, setRoom] = useState(habits[0]?.roomId ?? rooms[0]?.id ?? '')
  const [typed, setPeople] = useState<number>()
  const people = typed ?? come
  const { mutate: create, isPending } = useMutation({
    mutationFn: async (then: 'open' | 'run') => {
      const { plan, size } = said()
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
      onMade()
      location.assign(address)
    },
    onError: tellProblem,
  })
  return (
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
  )
})
