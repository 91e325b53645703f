import { nanoid } from 'nanoid'
import { gearFormNames } from '@core/library/gear-kind'
import { likelyGearColumns, mergedKinds, readGear, type GearColumn, type GearRow } from '@core/tables/gear-table'
import type { Room } from '@core/library/room'
import { matchColumns } from '@core/tables/table'
import { showWeight, type WeightUnit } from '@core/library/weight'
import { api } from '../kit/api'
import { ImportTable } from '../kit/ImportTable'
import type { StoredKind } from './stored-kind'

const columns: Record<GearColumn, string> = {
  kind: 'Kind',
  counted: 'Counted',
  size: 'Called',
  weight: 'Weight',
  owned: 'Owned',
  broken: 'Broken',
  lent: 'Lent out',
  room: 'Stays in',
}

interface ImportGearProps {
  stored: StoredKind[]
  hall: { rooms: readonly Room[]; unit: WeightUnit }
  onClose: () => void
  onImported: (...kinds: StoredKind[]) => void
}

/** Adds the sizes of a table to the inventory; kinds that are there get the new numbers. */
export function ImportGear({ stored, hall, onClose, onImported }: ImportGearProps) {
  const newId = () => nanoid(10)
  const store = async (rows: GearRow[]) => {
    const done: StoredKind[] = []
    try {
      for (const kind of mergedKinds(
        rows,
        stored.map((stored) => stored.document),
        newId,
      )) {
        const before = stored.find((stored) => stored.document.id === kind.id)
        done.push(
          await (before
            ? api<StoredKind>('PUT', `/api/gear/${kind.id}`, { version: before.version, kind })
            : api<StoredKind>('POST', '/api/gear', kind)),
        )
      }
    } finally {
      onImported(...done)
    }
  }
  const show = ({ kindName, form, roomId, size }: GearRow) => {
    const there = stored.some((stored) => stored.document.name.toLowerCase() === kindName.toLowerCase())
    const words = [
      size.kilograms === undefined ? size.label : showWeight(size.kilograms, hall.unit),
      `${size.owned} owned`,
      size.broken && `${size.broken} broken`,
      size.lent && `${size.lent} lent out`,
      gearFormNames[form],
      hall.rooms.find((room) => room.id === roomId)?.name,
    ]
    return (
      <>
        <b>{kindName}</b> <span className="second">{words.filter(Boolean).join(' · ')}</span> {there ? 'changes what is there' : 'is new'}
      </>
    )
  }
  return (
    <ImportTable<GearColumn, GearRow>
      title="Import gear"
      columns={columns}
      placeholder={'kind,weight,owned\nKettlebell,8 kg,4'}
      matchHeadings={(headings) => matchColumns(headings, likelyGearColumns, 'kind')}
      read={(rows, match) => readGear(rows, match, newId, hall)}
      show={show}
      count={(number) => `${number} ${number === 1 ? 'size' : 'sizes'}`}
      store={store}
      onClose={onClose}
    />
  )
}
