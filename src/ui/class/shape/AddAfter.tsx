import { Button, Menu } from '@mantine/core'
import { nanoid } from 'nanoid'
import { newPiece, type PieceKind } from '@core/plan/edit/pieces'
import type { Piece } from '@core/plan/plan'
import { suggestedFor } from '@core/suggest/suggested'
import { useClass } from '../shared/context'

const newId = () => nanoid(10)

const kinds: { kind: PieceKind; name: string; what: string }[] = [
  { kind: 'warmUp', name: 'Warm-up', what: '4 × 1:00, everyone together' },
  { kind: 'stations', name: 'Stations', what: '6 × 0:40, everyone moves on, 2 laps' },
  { kind: 'together', name: 'List together', what: '5 × 0:40 and 0:20 to rest, 2 laps' },
  { kind: 'coolDown', name: 'Cool-down', what: '4 × 0:45, everyone together' },
  { kind: 'brief', name: 'Brief', what: '3:00' },
  { kind: 'water', name: 'Water', what: '1:00' },
  { kind: 'swap', name: 'Swap', what: '2:00 to change the gear' },
  { kind: 'rest', name: 'Rest', what: '1:00' },
]

/** The kinds of piece that can come after the chosen one. It is open as soon as it is there. */
export function AddAfter({ onMade }: { onMade: (piece: Piece) => void }) {
  const { document, computed, library } = useClass()
  return (
    <Menu position="bottom-start" withinPortal defaultOpened>
      <Menu.Target>
        <Button size="xs" variant="default">
          Add after
        </Button>
      </Menu.Target>
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
