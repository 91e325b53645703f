import type { Milliseconds } from '../../base/units'
import { isTap } from './is-tap'

/**
 * The device that a coach has in hand: one person at a time moves the clock of a room. `device` is an id that the device made for
 * itself, `name` what it is called: "a tablet".
 */
export interface Holder {
  device: string
  name: string
  since: Milliseconds
  /** What the device was called that held them before, where another did. */
  from?: string
}

/**
 * Whether a device may send such a command. Whoever holds the controls may send all; others a stop, which is never more than one
 * press away, what follows it, the taps of a list, and taking over. While nobody holds them, and for what comes from no device of a coach, nothing
 * is refused.
 */
export function mayCommand(holder: Pick<Holder, 'device'> | undefined, device: string | undefined, command: { type: string }): boolean {
  if (holder === undefined || device === undefined || holder.device === device) return true
  return command.type === 'stop' || command.type === 'clear' || command.type === 'takeOver' || isTap(command)
}
