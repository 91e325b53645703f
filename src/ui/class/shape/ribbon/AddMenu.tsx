import { Menu } from '@mantine/core'
import { nanoid } from 'nanoid'
import type { ReactElement } from 'react'
import { newPiece, type PieceKind } from '@core/plan/edit/pieces'
import type { Piece } from '@core/plan/plan'
import { suggestedFor } from '@core/suggest/suggested'
import { useClass } from '../../shared/context'

const newId = () => nanoid(10)

const kinds: { kind: PieceKind; name: string; what: string }[] = [
  { kind: 'warmUp', name: 'Warm-up', what: '4 × 1:00, everyone the same' },
  { kind: 'stations', name: 'Stations', what: '6 × 0:40, move on, 2 laps' },
  { kind: 'together', name: 'Everyone the same', what: '5 × 0:40, 0:20 rest, 2 laps' },
  { kind: 'list', name: 'List at their own pace', what: '10:00, as many rounds as they can' },
  { kind: 'ladder', name: 'Ladder together', what: '10-8-6-4-2, a clock for each rung' },
  { kind: 'coolDown', name: 'Cool-down', what: '4 × 0:45, everyone the same' },
  { kind: 'brief', name: 'Brief', what: '3:00' },
  { kind: 'water', name: 'Water', what: '1:00' },
  { kind: 'swap', name: 'Swap', what: '2:00 to change the gear' },
  { kind: 'rest', name: 'Rest', what: '1:00' },
]

interface AddMenuProps {
  target: ReactElement
  onMade: (piece: Piece) => void
  onClose: () => void
}

/** The kinds of piece that can be put into a class. It is open as soon as it is there. */
export function AddMenu({ target, onMade, onClose }: AddMenuProps) {
  const { document, computed, library } = useClass()
  return (
    <Menu position="bottom-start" withinPortal opened onClose={onClose} returnFocus>
      <Menu.Target>{target}</Menu.Target>
      <Menu.Dropdown>
        {kinds.map(({ kind, name: label, what }) => (
          <Menu.Item
            key={kind}
            onClick={() => onMade(newPiece(kind, newId, suggestedFor(document.plan, computed, library)))}
            rightSection={<span className="second">{what}</span>}
          >
            {label}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  )
}
