import { Checkbox } from '@mantine/core'
import { strainNames } from '@core/library/exercise'
import type { Person } from '@core/library/person'
import styles from './people.module.css'
import kit from '../../kit/kit.module.css'

interface PersonTickProps {
  person: Person
  here: boolean
  home: boolean
  disabled: boolean
  onTick: (id: string, comes: boolean) => void
  onHome: (id: string, home: boolean) => void
  /** Opens what is known of them. */
  onOpen: (id: string) => void
}

export function PersonTick({ person, here, home, disabled, onTick, onHome, onOpen }: PersonTickProps) {
  const limitsText = person.goEasy.map((strain) => strainNames[strain]).join(', ')
  const detail = [person.level, limitsText && `easy on ${limitsText}`, person.goEasyNote].filter(Boolean).join(' · ')
  return (
    <div className={styles.person}>
      <Checkbox
        checked={here}
        disabled={disabled}
        onChange={(event) => onTick(person.id, event.currentTarget.checked)}
        label={person.name}
        description={detail}
        classNames={{ label: 'person-name', body: 'person-body' }}
      />
      <button
        type="button"
        className={`${kit.peekButton} ${styles.personMore}`}
        aria-label={`About ${person.name}`}
        onClick={() => onOpen(person.id)}
      >
        ⋯
      </button>
      {here && (
        <button
          type="button"
          className={`${kit.peekButton} ${styles.personHome}`}
          aria-pressed={home}
          aria-label={`${person.name} follows from home`}
          onClick={() => onHome(person.id, !home)}
        >
          {home ? 'from home' : 'in the room'}
        </button>
      )}
    </div>
  )
}
