import { Popover } from '@mantine/core'
import type { ReactElement } from 'react'
import { settingsOf } from '@core/class/compute'
import { WhenField } from '../kit/WhenField'
import { useClass } from './shared/context'

/** The day and the time of the class, to be changed below the words that tell them. */
export function WhenPopover({ target, onClose }: { target: ReactElement; onClose: () => void }) {
  const { document, library, zone, change } = useClass()
  return (
    <Popover opened onChange={onClose} position="bottom-start" shadow="md" trapFocus returnFocus withinPortal>
      <Popover.Target>{target}</Popover.Target>
      <Popover.Dropdown>
        <WhenField
          value={document.startsAt}
          zone={zone}
          clock={settingsOf(library).clock ?? '24h'}
          onChange={(value) => change((draft) => void (draft.startsAt = value))}
        />
      </Popover.Dropdown>
    </Popover>
  )
}
