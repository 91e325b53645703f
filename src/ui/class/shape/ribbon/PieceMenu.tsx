import { Menu } from '@mantine/core'
import { nanoid } from 'nanoid'
import { useState, type ReactElement } from 'react'
import { copyOf, takenFrom, type Copied } from '@core/plan/edit/copied'
import { partOf, withPartFrom, withPartJoined, withPieceInPart } from '@core/plan/edit/parts'
import { withAfter, withMoved, withoutPiece } from '@core/plan/edit/pieces'
import type { Piece, Plan } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { MenuOfDialogs } from '../../../kit/MenuOfDialogs'
import { tell, tellProblem } from '../../../kit/notice'
import { whenOpened } from '../../../kit/when-opened'
import { useClass, usePlanEdits } from '../../shared/context'
import { copiedPiece, copyPiece } from './clipboard'

const OrderDialog = whenOpened(async () => (await import('../OrderDialog')).OrderDialog)
const SuggestDialog = whenOpened(async () => (await import('../SuggestDialog')).SuggestDialog)
const SwapDialog = whenOpened(async () => (await import('../SwapDialog')).SwapDialog)

const newId = () => nanoid(10)

interface PieceMenuProps {
  piece: Piece
  target: ReactElement
  onChoose: (id: string) => void
  onClose: () => void
}

type Dialog = 'suggest' | 'swap' | 'order'

/** What can be done with the chosen piece as a whole, and with the part that it is in. It is open as soon as it is there. */
export function PieceMenu({ piece, target, onChoose, onClose }: PieceMenuProps) {
  const { document } = useClass()
  const { plan } = document
  const { setPlan } = usePlanEdits()
  const [dialog, setDialog] = useState<Dialog>()
  const order = plan.parts.flatMap((part) => part.pieces.map(({ id }) => id))
  const at = order.indexOf(piece.id)
  const partAt = plan.parts.findIndex((part) => part === partOf(plan, piece.id))
  const part = plan.parts[partAt]
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
  const rotates = piece.type === 'circuit' && piece.travel === 'rotate' && piece.stations.length > 2
  const takesSuggestions = piece.type === 'circuit' && piece.stay.kind === 'intervals' && piece.stay.workSeconds.length === 1
  const item = (label: string, next: () => Plan) => (
    <Menu.Item key={label} onClick={() => setPlan(next())}>
      {label}
    </Menu.Item>
  )
  const close = () => {
    setDialog(undefined)
    onClose()
  }
  return (
    <>
      <MenuOfDialogs target={target} behind={dialog !== undefined} onClose={onClose}>
        {takesSuggestions && (
          <Menu.Item data-opens onClick={() => setDialog('suggest')}>
            Suggest exercises …
          </Menu.Item>
        )}
        {piece.type === 'circuit' && (
          <Menu.Item data-opens onClick={() => setDialog('swap')}>
            Make it harder or easier …
          </Menu.Item>
        )}
        {rotates && (
          <Menu.Item data-opens onClick={() => setDialog('order')}>
            Find a better order …
          </Menu.Item>
        )}
        {at > 0 && item('Move earlier', () => withMoved(plan, piece.id, -1))}
        {at < order.length - 1 && item('Move later', () => withMoved(plan, piece.id, 1))}
        <Menu.Item onClick={() => insertCopy(taken())}>Duplicate</Menu.Item>
        <Menu.Item onClick={copy}>Copy</Menu.Item>
        <Menu.Item onClick={paste}>Paste after it</Menu.Item>
        {part && (
          <>
            <Menu.Divider />
            {part.pieces[0] !== piece && item('Begin a new part here', () => withPartFrom(plan, piece.id, newId))}
            {plan.parts[partAt - 1] && item('Join its part with the one before', () => withPartJoined(plan, plan.parts[partAt - 1]!.id))}
            {plan.parts[partAt + 1] && item('Join its part with the one after', () => withPartJoined(plan, part.id))}
            {part.pieces.length > 1 &&
              plan.parts[partAt - 1] &&
              item('Move into the part before', () => withPieceInPart(plan, piece.id, plan.parts[partAt - 1]!.id))}
            {part.pieces.length > 1 &&
              plan.parts[partAt + 1] &&
              item('Move into the part after', () => withPieceInPart(plan, piece.id, plan.parts[partAt + 1]!.id))}
          </>
        )}
        {order.length > 1 && (
          <>
            <Menu.Divider />
            <Menu.Item onClick={remove}>Remove</Menu.Item>
          </>
        )}
      </MenuOfDialogs>
      {piece.type === 'circuit' && (
        <>
          <SuggestDialog circuit={piece} opened={dialog === 'suggest'} onClose={close} />
          <OrderDialog circuit={piece} opened={dialog === 'order'} onClose={close} />
        </>
      )}
      <SwapDialog opened={dialog === 'swap'} onClose={close} />
    </>
  )
}
