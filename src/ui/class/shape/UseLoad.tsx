import { Select } from '@mantine/core'
import { limits } from '@core/base/limits'
import { decimalNotation, DraftField, textNotation } from '../../kit/DraftField'
import { setOrDrop } from '../shared/set-or-drop'
import { choice, type UsePartProps } from './use-part'
import { tempoNotation, type TempoOf } from './use-words'

/** With what it is done, and how hard: tempo, load, effort, machine. */
export function UseLoad({ use, onChange }: UsePartProps) {
  return (
    <>
      <DraftField
        label="Tempo"
        optional
        value={use.tempo?.figures}
        notation={tempoNotation}
        placeholder="4-2-1-0"
        onChange={(figures) => onChange((draft) => setOrDrop(draft, 'tempo', figures && { figures, from: draft.tempo?.from ?? 'top' }))}
      />
      <Select
        label="from the"
        classNames={choice}
        disabled={!use.tempo}
        data={['top', 'bottom']}
        value={use.tempo?.from ?? 'top'}
        allowDeselect={false}
        onChange={(from) => onChange((draft) => draft.tempo && void (draft.tempo.from = from as TempoOf['from']))}
      />
      <DraftField
        label="Load, kg"
        optional
        value={use.load?.kilograms}
        notation={decimalNotation(0.1, 500, 'kilograms')}
        placeholder="own"
        onChange={(kilograms) => onChange((draft) => setOrDrop(draft, 'load', kilograms === undefined ? undefined : { kilograms }))}
      />
      <DraftField
        label="Effort"
        wide
        optional
        value={use.effort}
        notation={textNotation(limits.nameLength)}
        placeholder="steady, 70–80 % of best pace"
        onChange={(effort) => onChange((draft) => setOrDrop(draft, 'effort', effort))}
      />
      <DraftField
        label="Machine"
        optional
        value={use.machine}
        notation={textNotation(limits.nameLength)}
        placeholder="4 km/h"
        onChange={(machine) => onChange((draft) => setOrDrop(draft, 'machine', machine))}
      />
    </>
  )
}
