import { useAnyUntaken } from '../kit/unsaved'
import { timeOf } from '../kit/zoned-time'
import type { SaveState } from './state/autosave'
import kit from '../kit/kit.module.css'

/** Whether what is shown is stored, and why not. */
export function SaveWord({ save, zone }: { save: SaveState; zone: string }) {
  const isUntaken = useAnyUntaken()
  const text = {
    saved: () => (isUntaken ? 'not saved: a field cannot be taken as it stands' : `saved ${timeOf((save as { at: string }).at, zone)}`),
    saving: () => 'saving …',
    waiting: () => 'not saved: the server is away, trying again',
    refused: () => `not saved: ${(save as { why: string }).why}`,
    conflict: () => 'not saved',
  }[save.is]()
  return (
    <span className={(save.is === 'saved' && !isUntaken) || save.is === 'saving' ? 'second' : kit.mend} role="status">
      {text}
    </span>
  )
}
