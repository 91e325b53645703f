import { DndContext, MouseSensor, pointerWithin, TouchSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { useRef, useState, type CSSProperties, type KeyboardEvent, type ReactNode } from 'react'
import { withMoved, withMovedTo } from '@core/plan/edit/pieces'
import { stretchStep, withStretched } from '@core/plan/edit/stretch'
import type { Piece } from '@core/plan/plan'
import type { Block } from '@core/timeline/blocks'
import type { Seconds } from '@core/base/units'
import { Ribbon } from '../../../kit/Ribbon'
import { useClass, usePlanEdits } from '../../shared/context'
import { PartBrackets } from './PartBrackets'
import { PiecePill } from './PiecePill'
import { RibbonBlock } from './RibbonBlock'
import styles from './plan-ribbon.module.css'

interface PlanRibbonProps {
  blocks: Block[]
  total: Seconds
  chosen: Piece
  onChoose: (pieceId: string) => void
}

const zooms = [1, 2, 4, 8]

const pieceOf = (blockId: string) => blockId.slice(0, blockId.indexOf('@'))

/**
 * The slot to scale, to work on: a piece is chosen by a press, dragged to another place, and stretched by its right edge; with the
 * keyboard Alt and an arrow moves it, Shift and an arrow stretches it. What can be done with the chosen one stands on it.
 */
export function PlanRibbon({ blocks, total, chosen, onChoose }: PlanRibbonProps) {
  const { document } = useClass()
  const { plan } = document
  const { setPlan } = usePlanEdits()
  const [zoom, setZoom] = useState(1)
  const [handNear, setHandNear] = useState(false)
  const scroller = useRef<HTMLDivElement>(null)
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    // A finger that moves at once scrolls; one that rests first drags.
    useSensor(TouchSensor, { activationConstraint: { delay: 200, tolerance: 8 } }),
  )
  const scale = Math.max(total, plan.slotSeconds)
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
  const at = blocks.find((block) => block.pieceId === chosen.id)
  const zoomTo = (next: number) => {
    setZoom(next)
    // What is chosen stays in view.
    requestAnimationFrame(() => {
      const box = scroller.current
      if (box && at) box.scrollLeft = ((at.start + at.seconds / 2) / scale) * box.scrollWidth - box.clientWidth / 2
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
      chosen={block.pieceId === chosen.id}
      handNear={handNear}
      onChoose={() => onChoose(block.pieceId)}
      onPress={(event) => press(event, block.pieceId)}
      onStretch={(by) => stretch(block.pieceId, by)}
      secondsIn={(pixels) => (pixels / widthOf()) * scale}
    />
  )
  return (
    <div className={styles.planRibbon} onPointerEnter={() => setHandNear(true)}>
      <div
        className={styles.scroll}
        ref={scroller}
        {...(zoom > 1 && { role: 'region', tabIndex: 0, 'aria-label': 'The class to scale, enlarged' })}
      >
        <div className={styles.strip} style={{ width: `${zoom * 100}%` }}>
          <PartBrackets plan={plan} blocks={blocks} scale={scale} chosen={chosen.id} onChoose={onChoose} />
          <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
            <Ribbon blocks={blocks} total={total} span={plan.slotSeconds} block={draw} scaleShare={zoom === 1 ? 0.9 : 0.96} />
          </DndContext>
          <PiecePill key={chosen.id} piece={chosen} middle={at ? (100 * (at.start + at.seconds / 2)) / scale : 0} onChoose={onChoose} />
        </div>
      </div>
      <div className={`${styles.zoom} no-print`} role="group" aria-label="Zoom">
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
