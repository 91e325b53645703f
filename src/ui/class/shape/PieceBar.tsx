import { Button } from '@mantine/core'
import { nanoid } from 'nanoid'
import { lazy, Suspense, useState } from 'react'
import type { Piece } from '@core/plan/plan'
import { copyOf, takenFrom, type Copied } from '@core/plan/edit/copied'
import { withAfter, withMoved, withoutPiece } from '@core/plan/edit/pieces'
import { pieceName } from '@core/summary/names'
import { tell, tellProblem } from '../../kit/notice'
import { copiedPiece, copyPiece } from './clipboard'
import { useClass, usePlanEdits } from '../shared/context'
import { whenOpened } from '../../kit/when-opened'
import styles from '../class.module.css'

// Fetched, open, when it is first asked for.
const AddAfter = lazy(async () => ({ default: (await import('./AddAfter')).AddAfter }))
const OrderDialog = whenOpened(async () => (await import('./OrderDialog')).OrderDialog)
const SuggestDialog = whenOpened(async () => (await import('./SuggestDialog')).SuggestDialog)
const SwapDialog = whenOpened(async () => (await import('./SwapDialog')).SwapDialog)

const newId = () => nanoid(10)

/** What can be done with the chosen piece as a whole; new pieces come after it. */
export function PieceBar({ piece, onChoose }: { piece: Piece; onChoose: (id: string) => void }) {
  const { document } = useClass()
  const { plan } = document
  const { setPlan } = usePlanEdits()
  const [adding, setAdding] = useState(false)
  const [suggesting, setSuggesting] = useState(false)
  const [swapping, setSwapping] = useState(false)
  const [ordering, setOrdering] = useState(false)
  const order = plan.parts.flatMap((part) => part.pieces.map((piece) => piece.id))
  const at = order.indexOf(piece.id)
  const insert = (made: Piece) => {
    setPlan(withAfter(plan, piece.id, made))
    onChoose(made.id)
  }
  const insertCopy = (copied: Copied) => {
    const { piece: made, ...about } = copyOf(copied, newId)
    setPlan(withAfter(plan, piece.id, made, about))
    onChoose(made.id)
  }
  const taken = () => takenFrom(plan, piece.id) ?? { piece, vary: [] }
  const copy = () => {
    copyPiece(taken())
    tell({ message: `${pieceName(piece)} is copied. Paste it here or in another class.`, autoClose: 4000 })
  }
  const paste = () => {
    const copied = copiedPiece()
    if (copied) insertCopy(copied)
    else tellProblem(new Error('Nothing is copied yet: choose a piece and press Copy, here or in another class.'))
  }
  const remove = () => {
    setPlan(withoutPiece(plan, piece.id))
    onChoose(order[at - 1] ?? order[at + 1]!)
  }
  const addButton = (
    <Button size="xs" variant="default" aria-haspopup="menu" onClick={() => setAdding(true)}>
      Add after
    </Button>
  )
  return (
    <div className={`${styles.pieceBar} no-print`} role="toolbar" aria-label={pieceName(piece)}>
      {adding ? (
        <Suspense fallback={addButton}>
          <AddAfter onMade={insert} />
        </Suspense>
      ) : (
        addButton
      )}
      <Button size="xs" variant="default" disabled={at === 0} onClick={() => setPlan(withMoved(plan, piece.id, -1))}>
        Earlier
      </Button>
      <Button size="xs" variant="default" disabled={at === order.length - 1} onClick={() => setPlan(withMoved(plan, piece.id, 1))}>
        Later
      </Button>
      <Button size="xs" variant="default" onClick={() => insertCopy(taken())}>
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
