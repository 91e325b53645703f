import { Button, Menu } from '@mantine/core'
import { nanoid } from 'nanoid'
import type { Piece, Plan } from '@core/plan/plan'
import { copyOf, newPiece, withAfter, withMoved, withoutPiece, type PieceKind } from '@core/plan/pieces'
import { pieceName } from '@core/summary/names'
import { suggestedFor } from '@core/suggest/suggested'
import { useClass } from './context'

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

/** What can be done with the chosen piece as a whole; new pieces come after it. */
export function PieceBar({ piece, onChoose }: { piece: Piece; onChoose: (id: string) => void }) {
  const { document, computed, library, change } = useClass()
  const { plan } = document
  const set = (next: Plan) => change((draft) => void (draft.plan = next))
  const order = plan.parts.flatMap((part) => part.pieces.map((each) => each.id))
  const at = order.indexOf(piece.id)
  const add = (kind: PieceKind) => {
    const made = newPiece(kind, newId, suggestedFor(plan, computed.timeline, library))
    set(withAfter(plan, piece.id, made))
    onChoose(made.id)
  }
  const copy = () => {
    const made = copyOf(piece, newId)
    set(withAfter(plan, piece.id, made))
    onChoose(made.id)
  }
  const remove = () => {
    set(withoutPiece(plan, piece.id))
    onChoose(order[at - 1] ?? order[at + 1]!)
  }
  const name = pieceName(piece)
  return (
    <div className="piece-bar no-print" role="toolbar" aria-label={name}>
      <Menu position="bottom-start" withinPortal>
        <Menu.Target>
          <Button size="xs" variant="default">
            Add after
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          {kinds.map(({ kind, name: label, what }) => (
            <Menu.Item key={kind} onClick={() => add(kind)} rightSection={<span className="second">{what}</span>}>
              {label}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
      <Button size="xs" variant="default" disabled={at === 0} onClick={() => set(withMoved(plan, piece.id, -1))}>
        Earlier
      </Button>
      <Button size="xs" variant="default" disabled={at === order.length - 1} onClick={() => set(withMoved(plan, piece.id, 1))}>
        Later
      </Button>
      <Button size="xs" variant="default" onClick={copy}>
        Duplicate
      </Button>
      <Button size="xs" variant="default" disabled={order.length < 2} onClick={remove}>
        Delete
      </Button>
    </div>
  )
}
