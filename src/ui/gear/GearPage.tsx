import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import { gearFormNames, namedIn, usableOf, type GearKind, type GearSize } from '@core/library/gear-kind'
import { gearColumns, gearRows } from '@core/tables/gear-table'
import type { Room } from '@core/library/room'
import type { WeightUnit } from '@core/library/weight'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { saveCsv } from '../kit/save-csv'
import { Cell, Row } from '../kit/Table'
import { TableLibrary } from '../kit/TableLibrary'
import { useHallSettings, type StoredSettings } from '../kit/use-hall-settings'
import { useLibrary } from '../kit/use-library'
import { ImportGear } from './ImportGear'
import { KindEditor } from './KindEditor'
import type { StoredKind } from './stored-kind'

interface GearPageProps {
  gear: StoredKind[]
  rooms: Room[]
  figures: StoredSettings
}

/** The hall's inventory: kinds of gear in sizes, what of it is whole and there, and where it stays. */
export function GearPage(props: GearPageProps) {
  return (
    <Kit>
      <Inventory {...props} />
    </Kit>
  )
}

function Inventory({ gear, rooms, figures: first }: GearPageProps) {
  const library = useLibrary<GearKind>({ path: '/api/gear', many: 'gear' }, gear)
  const [importing, setImporting] = useState(false)
  const { settings, change } = useHallSettings(first)
  const unit: WeightUnit = settings.weightUnit ?? 'kg'
  const hall = { rooms, unit }
  return (
    <>
      <TableLibrary
        title="Gear"
        count={`${library.stored.length} kinds in the hall`}
        rows={library.stored}
        nameOf={(stored) => stored.document.name}
        columns={['Kind', 'Counted', 'Sizes and how many', 'Out of use', 'Where', { name: 'Change', kind: 'hidden' }]}
        find={{ label: 'Find gear', placeholder: 'Type a kind', none: 'No kind by that name.' }}
        empty={{ title: 'No gear yet', text: 'Classes that need none can be planned and run. Add kinds here, or read a table.' }}
        newLabel="New kind"
        actions={
          <SegmentedControl
            aria-label="Weights in"
            data={['kg', 'lb']}
            value={unit}
            onChange={(next) => change({ weightUnit: next as WeightUnit })}
          />
        }
        onNew={() => library.edit('new')}
        onImport={() => setImporting(true)}
        onSave={() => void saveCsv('gear.csv', [gearColumns, ...gearRows(library.documents, hall)])}
        show={(stored, at) => {
          const { name, form, roomId } = stored.document
          const { sizes } = namedIn([stored.document], unit)[0]!
          return (
            <Row key={stored.document.id} {...at}>
              <Cell>
                <b>{name}</b>
              </Cell>
              <Cell className="second">{gearFormNames[form]}</Cell>
              <Cell>{sizes.map((size) => [usableOf(size), size.label].filter((text) => text !== '').join(' × ')).join(' · ')}</Cell>
              <Cell className="second">{sizes.map(awayWords).filter(Boolean).join(' · ')}</Cell>
              <Cell className="second">{rooms.find((room) => room.id === roomId)?.name ?? 'all rooms'}</Cell>
              <Cell>
                <Button size="compact-sm" variant="default" onClick={() => library.edit(stored)} aria-label={`Change ${name}`}>
                  Change
                </Button>
              </Cell>
            </Row>
          )
        }}
      />
      {library.editing && (
        <KindEditor
          key={library.edited?.document.id ?? 'new'}
          stored={library.edited}
          hall={hall}
          onClose={library.close}
          onStored={library.put}
          onErased={library.drop}
        />
      )}
      {importing && <ImportGear stored={library.stored} hall={hall} onClose={() => setImporting(false)} onImported={library.put} />}
    </>
  )
}

const awayWords = ({ label, broken = 0, lent = 0 }: GearSize): string => {
  const words = [broken > 0 && `${broken} broken`, lent > 0 && `${lent} lent out`].filter(Boolean).join(', ')
  return words && [label, words].filter(Boolean).join(': ')
}

export const GearPageIsland = fromText(GearPage)
