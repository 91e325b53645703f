import { useDraggable, useDroppable } from '@dnd-kit/core'
import { type CSSProperties, type KeyboardEvent, type ReactNode } from 'react'
import type { Block } from '@core/timeline/blocks'
import { formatSeconds, type Seconds } from '@core/base/units'
import { onDemand } from '../../../kit/on-demand'
import ribbon from '../../../kit/ribbon.module.css'

const RibbonEdge = onDemand(async () => (await import('./RibbonEdge')).RibbonEdge, true)

interface RibbonBlockProps {
  id: string
  block: Block
  style: CSSProperties
  label: ReactNode
  chosen: boolean
  /** Only a hand can pull at the edge. */
  handNear: boolean
  onChoose: () => void
  onPress: (event: KeyboardEvent) => void
  onStretch: (by: Seconds) => void
  secondsIn: (pixels: number) => Seconds
}

/** A piece on the ribbon: pressed to choose it, dragged to move it, pulled at its edge to stretch it. */
export function RibbonBlock({ id, block, style, label, chosen, handNear, onChoose, onPress, onStretch, secondsIn }: RibbonBlockProps) {
  const drag = useDraggable({ id })
  const drop = useDroppable({ id })
  const ref = (node: HTMLElement | null) => {
    drag.setNodeRef(node)
    drop.setNodeRef(node)
  }
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
      {chosen && handNear && <RibbonEdge style={style} onStretch={onStretch} secondsIn={secondsIn} />}
    </>
  )
}
