import { Button, SegmentedControl } from '@mantine/core'
import { useState } from 'react'
import type { HallSettings } from '@core/library/hall-settings'
import { gearFormNames, namedIn, usableOf, type GearKind, type GearSize } from '@core/library/gear-kind'
import { gearColumns, gearRows } from '@core/tables/gear-table'
import type { Room } from '@core/library/room'
import type { WeightUnit } from '@core/library/weight'
import { fromText } from '../kit/from-text'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { saveCsv } from '../kit/save-csv'
import { TableLibrary } from '../kit/TableLibrary'
import { useLibrary, type Stored } from '../kit/use-library'
import { ImportGear } from './ImportGear'
import { KindEditor } from './KindEditor'

export type StoredKind = Stored<GearKind>

interface GearPageProps {
  gear: StoredKind[]
  rooms: Room[]
  figures: { version: number; figures: HallSettings }
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
  const library = useLibrary<GearKind>(gear)
  const [importing, setImporting] = useState(false)
  const [figures, setFigures] = useState(first)
  const unit: WeightUnit = figures.figures.weightUnit ?? 'kg'
  const hall = { rooms, unit }
  const showIn = async (weightUnit: WeightUnit) => {
    try {
      setFigures(await api('PUT', '/api/hall/figures', { version: figures.version, figures: { ...figures.figures, weightUnit } }))
    } catch (error) {
      tellProblem(error)
    }
  }
  return (
    <>
      <TableLibrary
        title="Gear"
        count={`${library.stored.length} kinds in the hall`}
        rows={library.stored}
        nameOf={(each) => each.document.name}
        columns={['Kind', 'Counted', 'Sizes and how many', 'Not to be had', 'Where', { name: 'Change', kind: 'hidden' }]}
        find={{ label: 'Find gear', placeholder: 'Type a kind', none: 'No kind by that name.' }}
        empty={{ title: 'No gear yet', text: 'Classes that need none can be planned and run. Add kinds here, or read a table.' }}
        newLabel="New kind"
        actions={
          <SegmentedControl aria-label="Weights in" data={['kg', 'lb']} value={unit} onChange={(next) => void showIn(next as WeightUnit)} />
        }
        onNew={() => library.edit('new')}
        onImport={() => setImporting(true)}
        onSave={() => void saveCsv('gear.csv', [gearColumns, ...gearRows(library.documents, hall)])}
        show={(each) => {
          const { name, form, roomId } = each.document
          const { sizes } = namedIn([each.document], unit)[0]!
          return (
            <tr key={each.document.id}>
              <td>
                <b>{name}</b>
              </td>
              <td className="second">{gearFormNames[form]}</td>
              <td>{sizes.map((size) => [usableOf(size), size.label].filter((text) => text !== '').join(' × ')).join(' · ')}</td>
              <td className="second">{sizes.map(awayWords).filter(Boolean).join(' · ')}</td>
              <td className="second">{rooms.find((room) => room.id === roomId)?.name ?? 'all rooms'}</td>
              <td>
                <Button size="compact-sm" variant="default" onClick={() => library.edit(each)} aria-label={`Change ${name}`}>
                  Change
                </Button>
              </td>
            </tr>
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
