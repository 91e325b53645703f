import { useId, useState } from 'react'
import { NameInPlace } from '../kit/NameInPlace'
import { onDemand } from '../kit/on-demand'
import { dayOf, timeOf } from '../kit/zoned-time'
import { useClass } from './shared/context'
import styles from './head.module.css'
import inPlace from '../kit/in-place.module.css'

// Fetched when it is asked for: fields for dates are as large as all the rest.
const WhenPopover = onDemand(async () => (await import('./WhenPopover')).WhenPopover)

/** Name, time and room of the class, each changed where it stands; and how many come. */
export function ClassHead() {
  const { document, computed, rooms, zone, change } = useClass()
  const [asking, setAsking] = useState(false)
  const whenId = useId()
  const coming = computed.people.length
  const closeWhen = () => {
    setAsking(false)
    setTimeout(() => globalThis.document.getElementById(whenId)?.focus())
  }
  const when = (
    <button type="button" id={whenId} className={inPlace.inPlace} aria-label="Change day or time" onClick={() => setAsking(true)}>
      {dayOf(document.startsAt, zone)}, {timeOf(document.startsAt, zone)}
    </button>
  )
  return (
    <>
      <NameInPlace
        level={1}
        label="Name of the class"
        name={document.name}
        onName={(name) => change((draft) => void (draft.name = name))}
      />
      <span className={`second ${styles.about}`}>
        {asking ? <WhenPopover target={when} onClose={closeWhen} /> : when}
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
