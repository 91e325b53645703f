import { useRef, useState } from 'react'
import { withAfter, withBefore } from '@core/plan/edit/pieces'
import type { Piece } from '@core/plan/plan'
import { pieceName } from '@core/summary/names'
import { onDemand } from '../../../kit/on-demand'
import { useClass, usePlanEdits } from '../../shared/context'
import { enterChosen } from '../sentence/walk'
import styles from './plan-ribbon.module.css'

// Fetched, open, when they are first asked for.
const AddMenu = onDemand(async () => (await import('./AddMenu')).AddMenu)
const PieceMenu = onDemand(async () => (await import('./PieceMenu')).PieceMenu)

interface PiecePillProps {
  piece: Piece
  /** Where its middle is, in percent of the width. */
  middle: number
  onChoose: (id: string) => void
}

/** Whether somebody goes by the keyboard: who presses with a pointer goes on wherever they press next. */
const byKey = () => document.activeElement?.matches(':focus-visible') ?? false

type Opened = 'before' | 'menu' | 'after'

/** What can be done with the chosen piece, on it: something put before or after it, and a menu of the rest. */
export function PiecePill({ piece, middle, onChoose }: PiecePillProps) {
  const { document } = useClass()
  const { setPlan } = usePlanEdits()
  const [opened, setOpened] = useState<Opened>()
  const place = useRef<HTMLDivElement>(null)
  const name = pieceName(piece)
  const insert = (made: Piece) => {
    setPlan((opened === 'before' ? withBefore : withAfter)(document.plan, piece.id, made))
    onChoose(made.id)
    if (byKey()) enterChosen()
  }
  const labels: Record<Opened, string> = { before: `Add before ${name}`, menu: `Change ${name}`, after: `Add after ${name}` }
  const button = (which: Opened) => {
    const shown = (
      <button
        key={which}
        type="button"
        data-which={which}
        aria-label={labels[which]}
        title={labels[which]}
        aria-haspopup="menu"
        aria-expanded={opened === which}
        onClick={() => setOpened(which)}
      >
        {which === 'menu' ? '⋯' : '+'}
      </button>
    )
    if (opened !== which) return shown
    const close = () => {
      const goesOn = byKey()
      setOpened(undefined)
      // The menu and its dialogs go with what they were opened from; where another piece is chosen now, its sentence is next.
      setTimeout(() => {
        if (globalThis.document.activeElement !== globalThis.document.body) return
        const from = place.current?.querySelector<HTMLElement>(`[data-which=${which}]`)
        if (from) from.focus()
        else if (goesOn) enterChosen()
      })
    }
    return which === 'menu' ? (
      <PieceMenu key={which} piece={piece} onChoose={onChoose} target={shown} onClose={close} />
    ) : (
      <AddMenu key={which} onMade={insert} target={shown} onClose={close} />
    )
  }
  return (
    <div
      ref={place}
      className={`${styles.pill} no-print`}
      role="toolbar"
      aria-label={name}
      style={{ left: `clamp(var(--pill-half), ${middle}%, calc(100% - var(--pill-half)))` }}
    >
      {button('before')}
      {button('menu')}
      {button('after')}
    </div>
  )
}
