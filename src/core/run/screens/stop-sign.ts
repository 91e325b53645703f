import type { RunState } from '../clock/state'

/** What everyone in the room reads after a stop, on every screen alike. */
export interface StopSign {
  word: string
  lines: string[]
}

/** Comes to rest safely: what turns runs down first, then what is held is put down. Leaving the room is the coach's next press. */
export function stopSign({ status, clearing }: Pick<RunState, 'status' | 'clearing'>): StopSign | undefined {
  if (status !== 'stopped') return undefined
  return clearing
    ? {
        word: 'Clear the room',
        lines: ['Leave everything where it is.', 'Walk out by the nearest free exit.', 'Wait outside for the coach.'],
      }
    : { word: 'Stop', lines: ['Let the machine run down.', 'Put the weight down.', 'Stand still and look to the coach.'] }
}
