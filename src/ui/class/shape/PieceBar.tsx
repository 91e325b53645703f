import { Button, Menu } from '@mantine/core'
import { notifications } from '@mantine/notifications'
import { nanoid } from 'nanoid'
import { useState } from 'react'
import type { Piece } from '@core/plan/plan'
import { copyOf, newPiece, withAfter, withMoved, withoutPiece, type PieceKind } from '@core/plan/edit/pieces'
import { suggestedFor } from '@core/suggest/suggested'
import { pieceName } from '@core/summary/names'
import { tellProblem } from '../../kit/notice'
import { copiedPiece, copyPiece } from './clipboard'
import { useClass, usePlanEdits } from '../shared/context'
import { OrderDialog } from './OrderDialog'
import { SuggestDialog } from './SuggestDialog'
import { SwapDialog } from './SwapDialog'

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
  const { document, computed, library } = useClass()
  const { plan } = document
  const { setPlan } = usePlanEdits()
  const [suggesting, setSuggesting] = useState(false)
  const [swapping, setSwapping] = useState(false)
  const [ordering, setOrdering] = useState(false)
  const order = plan.parts.flatMap((part) => part.pieces.map((each) => each.id))
  const at = order.indexOf(piece.id)
  const insert = (made: Piece) => {
    setPlan(withAfter(plan, piece.id, made))
    onChoose(made.id)
  }
  const copy = () => {
    copyPiece(piece)
    notifications.show({ message: `${pieceName(piece)} is copied. Paste it here or in another class.`, autoClose: 4000 })
  }
  const paste = () => {
    const copied = copiedPiece()
    if (copied) insert(copyOf(copied, newId))
    else tellProblem(new Error('Nothing is copied yet: choose a piece and press Copy, here or in another class.'))
  }
  const remove = () => {
    setPlan(withoutPiece(plan, piece.id))
    onChoose(order[at - 1] ?? order[at + 1]!)
  }
  return (
    <div className="piece-bar no-print" role="toolbar" aria-label={pieceName(piece)}>
      <Menu position="bottom-start" withinPortal>
        <Menu.Target>
          <Button size="xs" variant="default">
            Add after
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          {kinds.map(({ kind, name: label, what }) => (
            <Menu.Item
              key={kind}
              onClick={() => insert(newPiece(kind, newId, suggestedFor(plan, computed.timeline, library)))}
              rightSection={<span className="second">{what}</span>}
            >
              {label}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
      <Button size="xs" variant="default" disabled={at === 0} onClick={() => setPlan(withMoved(plan, piece.id, -1))}>
        Earlier
      </Button>
      <Button size="xs" variant="default" disabled={at === order.length - 1} onClick={() => setPlan(withMoved(plan, piece.id, 1))}>
        Later
      </Button>
      <Button size="xs" variant="default" onClick={() => insert(copyOf(piece, newId))}>
        Duplicate
      </Button>
      <Button size="xs" variant="default" onClick={copy}>
        Copy
      </Button>
      <Button size="xs" variant="default" onClick={paste}>
        Paste
      </Button>
      <Button size="xs" variant="default" disabled={order.length < 2} onClick={remove}>
        Delete
      </Button>
      {piece.type === 'circuit' && piece.stay.kind === 'intervals' && piece.stay.workSeconds.length === 1 && (
        <Button size="xs" variant="default" onClick={() => setSuggesting(true)}>
          Suggest exercises
        </Button>
      )}
      <Button size="xs" variant="default" onClick={() => setSwapping(true)}>
        Harder, easier
      </Button>
      {piece.type === 'circuit' && (
        <SuggestDialog key={piece.id} circuit={piece} opened={suggesting} onClose={() => setSuggesting(false)} />
      )}
      {piece.type === 'circuit' && piece.travel === 'rotate' && piece.stations.length > 2 && (
        <Button size="xs" variant="default" onClick={() => setOrdering(true)}>
          Order
        </Button>
      )}
      {piece.type === 'circuit' && (
        <OrderDialog key={`order-${piece.id}`} circuit={piece} opened={ordering} onClose={() => setOrdering(false)} />
      )}
      <SwapDialog opened={swapping} onClose={() => setSwapping(false)} />
    </div>
  )
}
