import type { Holder } from '@core/run/clock/holder'
import type { RunEvent } from '@core/run/clock/events'
import { timeOf } from '../kit/zoned-time'
import type { Device } from '../kit/device'
import styles from './controls.module.css'

interface HolderBarProps {
  holder: Holder
  device: Device
  events: readonly RunEvent[]
  zone: string
  onTakeOver: () => void
}

/** On a device that does not hold the controls: who does, and the press that takes them. The stop stays live meanwhile. */
export function HolderBar({ holder, device, events, zone, onTakeOver }: HolderBarProps) {
  const who = holder.name === device.name ? holder.name.replace(/^an? /, 'another ') : holder.name
  const had = events.some(({ command }) => command.type === 'takeOver' && command.device === device.id)
  const time = timeOf(holder.since, zone)
  return (
    <div className={styles.controlsHolder} role="alert">
      <p>
        <b>{`${who[0]!.toUpperCase()}${who.slice(1)} ${had ? `took over the controls at ${time}` : `has held the controls since ${time}`}.`}</b>{' '}
        Stop the room works from here too.
      </p>
      <button type="button" className="small-button" onClick={onTakeOver}>
        {had ? 'Take them back' : 'Take over'}
      </button>
    </div>
  )
}
