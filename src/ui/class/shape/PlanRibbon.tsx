import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import { useDrag } from '@use-gesture/react'
import { useRef, useState, type CSSProperties, type KeyboardEvent, type ReactNode } from 'react'
import { withMoved, withMovedTo } from '@core/plan/edit/pieces'
import { stretchStep, withStretched } from '@core/plan/edit/stretch'
import type { Block } from '@core/timeline/blocks'
import { formatSeconds, type Seconds } from '@core/base/units'
import { Ribbon } from '../../kit/Ribbon'
import { useClass, usePlanEdits } from '../shared/context'
import styles from '../class.module.css'
import ribbon from '../../kit/ribbon.module.css'

interface PlanRibbonProps {
  blocks: Block[]
  total: Seconds
  chosen: string
  onChoose: (pieceId: string) => void
}

const zooms = [1, 2, 4, 8]

/**
 * The ribbon to work on: a piece is chosen by a press, dragged to another place, and stretched by its right edge; with the
 * keyboard Alt and an arrow moves it, Shift and an arrow stretches it.
 */
export function PlanRibbon({ blocks, total, chosen, onChoose }: PlanRibbonProps) {
  const { document } = useClass()
  const { plan } = document
  const { setPlan } = usePlanEdits()
  const [zoom, setZoom] = useState(1)
  const scroller = useRef<HTMLDivElement>(null)
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }))
  const drop = ({ active, over }: DragEndEvent) => {
    const from = pieceOf(String(active.id))
    const to = over && pieceOf(String(over.id))
    if (to && from !== to) setPlan(withMovedTo(plan, from, to))
    onChoose(from)
  }
  const stretch = (id: string, by: Seconds) => setPlan(withStretched(plan, id, by))
  const press = (event: KeyboardEvent, id: string) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
    const piece = plan.parts.flatMap((part) => part.pieces).find((known) => known.id === id)
    if (by === 0 || !piece || event.altKey === event.shiftKey) return
    event.preventDefault()
    if (event.altKey) {
      setPlan(withMoved(plan, id, by as 1 | -1))
      // A moved element loses the focus.
      requestAnimationFrame(() => scroller.current?.querySelector<HTMLElement>(`[data-piece="${id}"]`)?.focus())
    } else stretch(id, by * stretchStep(piece))
  }
  const zoomTo = (next: number) => {
    setZoom(next)
    // What is chosen stays in view.
    const at = blocks.find((block) => block.pieceId === chosen)
    requestAnimationFrame(() => {
      const box = scroller.current
      if (box && at) box.scrollLeft = ((at.start + at.seconds / 2) / total) * box.scrollWidth - box.clientWidth / 2
    })
  }
  const level = zooms.indexOf(zoom)
  const widthOf = () => scroller.current?.scrollWidth ?? 1
  const draw = (block: Block, style: CSSProperties, label: ReactNode, key: string) => (
    <RibbonBlock
      key={key}
      id={`${block.pieceId}@${key}`}
      block={block}
      style={style}
      label={label}
      chosen={block.pieceId === chosen}
      onChoose={() => onChoose(block.pieceId)}
      onPress={(event) => press(event, block.pieceId)}
      onStretch={(by) => stretch(block.pieceId, by)}
      secondsIn={(pixels) => (pixels / widthOf()) * total}
    />
  )
  return (
    <div className={styles.planRibbon}>
      <div
        className={styles.planRibbonScroll}
        ref={scroller}
        tabIndex={zoom > 1 ? 0 : undefined}
        aria-label={zoom > 1 ? 'The class to scale, enlarged' : undefined}
      >
        <div style={{ width: `${zoom * 100}%` }}>
          <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
            <Ribbon blocks={blocks} total={total} block={draw} scaleShare={zoom === 1 ? 0.88 : 0.96} />
          </DndContext>
        </div>
      </div>
      <div className={`${styles.planRibbonZoom} no-print`} role="group" aria-label="Zoom">
        <button type="button" disabled={level === 0} onClick={() => zoomTo(zooms[level - 1]!)} aria-label="Smaller">
          −
        </button>
        <button type="button" disabled={level === zooms.length - 1} onClick={() => zoomTo(zooms[level + 1]!)} aria-label="Larger">
          +
        </button>
      </div>
    </div>
  )
}

const pieceOf = (blockId: string) => blockId.slice(0, blockId.indexOf('@'))

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

function RibbonBlock({ id, block, style, label, chosen, onChoose, onPress, onStretch, secondsIn }: RibbonBlockProps) {
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
        className={`${ribbon.ribbonBlock}${chosen ? ` ${ribbon.isChosen}` : ''}${drag.isDragging ? ` ${ribbon.isDragged}` : ''}${target ? ` ${ribbon.isTarget}` : ''}`}
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
