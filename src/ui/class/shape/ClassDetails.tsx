import { Input, Select, TextInput } from '@mantine/core'
import { lazy, Suspense, useEffect, useState } from 'react'
import { settingsOf } from '@core/class/compute'
import { limits } from '@core/base/limits'
import { CountField } from '../../kit/DraftField'
import { useTaken } from '../../kit/unsaved'
import { dayOf, timeOf } from '../../kit/zoned-time'
import { useClass } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

// Fetched when it is asked for: fields for dates are as large as all the rest.
const WhenField = lazy(async () => ({ default: (await import('../../kit/WhenField')).WhenField }))

/** Name, time, room and slot of the class. What cannot be taken stays in its field, with the reason. */
export function ClassDetails() {
  const { document, library, rooms, zone, change } = useClass()
  const [changing, setChanging] = useState(false)
  const [name, setName] = useState(document.name)
  // Undo, redo or another window changed it.
  useEffect(() => setName((now) => (now.trim() === document.name ? now : document.name)), [document.name])
  const trimmed = name.trim()
  const wrong =
    trimmed === '' ? 'Give the class a name' : trimmed.length > limits.nameLength ? `At most ${limits.nameLength} characters` : undefined
  useTaken(wrong === undefined)
  const when = (
    <Input.Wrapper label="When">
      <div>
        {dayOf(document.startsAt, zone)}, {timeOf(document.startsAt, zone)}{' '}
        <button type="button" className={kit.linkButton} onClick={() => setChanging(true)}>
          Change day or time
        </button>
      </div>
    </Input.Wrapper>
  )
  return (
    <div className={styles.details}>
      <TextInput
        label="Name"
        value={name}
        error={wrong}
        onChange={(event) => {
          const next = event.currentTarget.value
          setName(next)
          const kept = next.trim()
          if (kept !== '' && kept.length <= limits.nameLength && kept !== document.name) change((draft) => void (draft.name = kept))
        }}
        onBlur={() => !wrong && setName(document.name)}
      />
      {changing ? (
        <Suspense fallback={when}>
          <WhenField
            value={document.startsAt}
            zone={zone}
            clock={settingsOf(library).clock ?? '24h'}
            onChange={(value) => change((draft) => void (draft.startsAt = value))}
          />
        </Suspense>
      ) : (
        when
      )}
      <Select
        label="Room"
        data={rooms.map((room) => ({ value: room.id, label: room.name }))}
        value={document.roomId}
        allowDeselect={false}
        onChange={(value) => value && change((draft) => void (draft.roomId = value))}
      />
      <CountField
        label="Slot, minutes"
        value={Math.round(document.plan.slotSeconds / 60)}
        least={1}
        most={limits.totalSeconds / 60}
        onChange={(minutes) => change((draft) => void (draft.plan.slotSeconds = minutes * 60))}
      />
    </div>
  )
}
