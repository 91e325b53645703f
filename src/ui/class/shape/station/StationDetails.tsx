import { Popover } from '@mantine/core'
import type { ReactElement } from 'react'
import type { Circuit, Station } from '@core/plan/plan'
import { StationPanel } from './StationPanel'

interface StationDetailsProps {
  /** The button that they hang from. */
  target: ReactElement
  circuit: Circuit
  station: Station
  useId: string | undefined
  onClose: () => void
}

/** The details of a station, or of one item of its list, at its tile. */
export function StationDetails({ target, onClose, ...rest }: StationDetailsProps) {
  return (
    <Popover opened onChange={onClose} position="bottom" shadow="md" trapFocus withinPortal>
      <Popover.Target>{target}</Popover.Target>
      <Popover.Dropdown>
        <StationPanel {...rest} onClose={onClose} />
      </Popover.Dropdown>
    </Popover>
  )
}
