import { Popover } from '@mantine/core'
import { lazy, Suspense, useState } from 'react'
import { settingsOf } from '@core/class/compute'
import { NameInPlace } from '../kit/NameInPlace'
import { dayOf, timeOf } from '../kit/zoned-time'
import { useClass } from './shared/context'
import styles from './head.module.css'
import inPlace from '../kit/in-place.module.css'

// Fetched when it is asked for: fields for dates are as large as all the rest.
const WhenField = lazy(async () => ({ default: (await import('../kit/WhenField')).WhenField }))

/** Name, time and room of the class, each changed where it stands; and how many come. */
export function ClassHead() {
  const { document, computed, library, rooms, zone, change } = useClass()
  const [asking, setAsking] = useState(false)
  const coming = computed.people.length
  return (
    <>
      <NameInPlace
        level={1}
        label="Name of the class"
        name={document.name}
        onName={(name) => change((draft) => void (draft.name = name))}
      />
      <span className={`second ${styles.about}`}>
        <Popover opened={asking} onChange={setAsking} position="bottom-start" shadow="md" trapFocus returnFocus withinPortal>
          <Popover.Target>
            <button type="button" className={inPlace.inPlace} aria-label="Change day or time" onClick={() => setAsking(true)}>
              {dayOf(document.startsAt, zone)}, {timeOf(document.startsAt, zone)}
            </button>
          </Popover.Target>
          <Popover.Dropdown>
            <Suspense fallback="One moment …">
              <WhenField
                value={document.startsAt}
                zone={zone}
                clock={settingsOf(library).clock ?? '24h'}
                onChange={(value) => change((draft) => void (draft.startsAt = value))}
              />
            </Suspense>
          </Popover.Dropdown>
        </Popover>
        {' · '}
        <select
          className={inPlace.inPlace}
          aria-label="Room"
          value={document.roomId}
          onChange={(event) => {
            const { value } = event.currentTarget
            change((draft) => void (draft.roomId = value))
          }}
        >
          {rooms.map((room) => (
            <option key={room.id} value={room.id}>
              {room.name}
            </option>
          ))}
        </select>
        {' · '}
        {coming} {coming === 1 ? 'person' : 'people'}
      </span>
    </>
  )
}
