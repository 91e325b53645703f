import { useDraggable, useDroppable } from '@dnd-kit/core'
import { useDrag } from '@use-gesture/react'
import { useState, type CSSProperties, type KeyboardEvent, type ReactNode } from 'react'
import type { Block } from '@core/timeline/blocks'
import { formatSeconds, type Seconds } from '@core/base/units'
import ribbon from '../../../kit/ribbon.module.css'

interface RibbonBlockProps {
  id: string
  block: Block
  style: CSSProperties
  label: ReactNode
  chosen: boolean
  onChoose: () => void
  onPress: (event: KeyboardEvent) => void
  onStretch: (by: Seconds) => void
  secondsIn: (pixels: number) => Seconds
}

/** A piece on the ribbon: pressed to choose it, dragged to move it, pulled at its edge to stretch it. */
export function RibbonBlock({ id, block, style, label, chosen, onChoose, onPress, onStretch, secondsIn }: RibbonBlockProps) {
  const drag = useDraggable({ id })
  const drop = useDroppable({ id })
  const [pulled, setPulled] = useState<number>()
  const ref = (node: HTMLElement | null) => {
    drag.setNodeRef(node)
    drop.setNodeRef(node)
  }
  const stretched = useDrag<PointerEvent>(({ event, movement: [right], last, canceled }) => {
    event.stopPropagation()
    setPulled(last ? undefined : right)
    if (last && !canceled && Math.abs(right) > 3) onStretch(secondsIn(right))
  })
  const by = pulled === undefined ? 0 : Math.round(secondsIn(pulled) / 5) * 5
  const transform = drag.transform ? `translateX(${drag.transform.x}px)` : undefined
  const target = drop.isOver && !drag.isDragging
  return (
    <>
      <button
        type="button"
        ref={ref}
        className={`${ribbon.ribbonBlock}${chosen ? ` ${ribbon.isChosen}` : ''}${label === null ? ` ${ribbon.isNarrow}` : ''}${drag.isDragging ? ` ${ribbon.isDragged}` : ''}${target ? ` ${ribbon.isTarget}` : ''}`}
        style={{ ...style, transform }}
        data-piece={block.pieceId}
        aria-pressed={chosen}
        aria-label={`${block.name}, ${formatSeconds(block.seconds)} from ${formatSeconds(block.start)}`}
        aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight Shift+ArrowLeft Shift+ArrowRight"
        title={`${block.name}, ${formatSeconds(block.seconds)}. Drag to move; Alt or Shift and an arrow moves or stretches.`}
        onClick={onChoose}
        onKeyDown={onPress}
        {...drag.listeners}
      >
        {label}
      </button>
      {chosen && (
        <span
          className={`${ribbon.ribbonEdge}${pulled === undefined ? '' : ' is-pulled'}`}
          style={{ left: `calc(${style.left} + ${style.width} - 5px + ${pulled ?? 0}px)` }}
          {...stretched()}
          aria-hidden
        >
          {pulled !== undefined && <b data-testid="stretched-by">{by < 0 ? formatSeconds(by) : `+${formatSeconds(by)}`}</b>}
        </span>
      )}
    </>
  )
}
