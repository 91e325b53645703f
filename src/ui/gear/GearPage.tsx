import { Button, SegmentedControl, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { HallFigures } from '@core/hall/figures'
import { gearFormNames, namedIn, usableOf, type GearKind, type GearSize } from '@core/hall/gear-kind'
import { gearColumns, gearRows } from '@core/hall/gear-table'
import type { Room } from '@core/hall/room'
import type { WeightUnit } from '@core/hall/weight'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { saveCsv } from '../kit/save-csv'
import { useLibrary, type Stored } from '../kit/use-library'
import { ImportGear } from './ImportGear'
import { KindEditor } from './KindEditor'

export type StoredKind = Stored<GearKind>

interface GearPageProps {
  gear: StoredKind[]
  rooms: Room[]
  figures: { version: number; figures: HallFigures }
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
  const [query, setQuery] = useState('')
  const [figures, setFigures] = useState(first)
  const unit: WeightUnit = figures.figures.weightUnit ?? 'kg'
  const hall = { rooms, unit }
  const found = library.stored.filter(({ document }) => document.name.toLowerCase().includes(query.trim().toLowerCase()))
  const showIn = async (weightUnit: WeightUnit) => {
    try {
      setFigures(await api('PUT', '/api/hall/figures', { version: figures.version, figures: { ...figures.figures, weightUnit } }))
    } catch (error) {
      tellProblem(error)
    }
  }
  return (
    <div className="page">
      <div className="page-head">
        <h1>Gear</h1>
        <span className="second">{library.stored.length} kinds in the hall</span>
        <span className="push">
          <SegmentedControl aria-label="Weights in" data={['kg', 'lb']} value={unit} onChange={(next) => void showIn(next as WeightUnit)} />
          <Button variant="default" onClick={() => void saveCsv('gear.csv', [gearColumns, ...gearRows(library.documents, hall)])} disabled={library.stored.length === 0}>
            Save as CSV
          </Button>
          <Button variant="default" onClick={() => setImporting(true)}>
            Read a table
          </Button>
          <Button onClick={() => library.edit('new')}>New kind</Button>
        </span>
      </div>
      <div className="sheet">
        <TextInput aria-label="Find gear" placeholder="Type a kind" value={query} onChange={(event) => setQuery(event.currentTarget.value)} mb="sm" maw={360} />
        {library.stored.length === 0 && (
          <div className="empty">
            <h2>No gear yet</h2>
            <p>Classes that need none can be planned and run. Add kinds here, or read a table.</p>
          </div>
        )}
        {library.stored.length > 0 && found.length === 0 && <p className="second">No kind by that name.</p>}
        {found.length > 0 && (
          <table className="plain">
            <thead>
              <tr>
                <th scope="col">Kind</th>
                <th scope="col">Counted</th>
                <th scope="col">Sizes and how many</th>
                <th scope="col">Not to be had</th>
                <th scope="col">Where</th>
                <th scope="col" aria-label="Change" />
              </tr>
            </thead>
            <tbody>
              {found.map((each) => {
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
              })}
            </tbody>
          </table>
        )}
      </div>
      {library.editing && <KindEditor key={library.edited?.document.id ?? 'new'} stored={library.edited} hall={hall} onClose={library.close} onStored={library.put} onErased={library.drop} />}
      {importing && <ImportGear stored={library.stored} hall={hall} onClose={() => setImporting(false)} onImported={library.put} />}
    </div>
  )
}

const awayWords = ({ label, broken = 0, lent = 0 }: GearSize): string => {
  const words = [broken > 0 && `${broken} broken`, lent > 0 && `${lent} lent out`].filter(Boolean).join(', ')
  return words && [label, words].filter(Boolean).join(': ')
}
