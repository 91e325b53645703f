import { useDrag } from '@use-gesture/react'
import { useRef, useState, type KeyboardEvent } from 'react'
import type { Figure } from '@core/figure/figure'
import { dragged, handleAt, handlesOf, withPose, type Handle } from '@core/figure/edit'
import { place } from '@core/figure/place'
import { pictureOf, poseShapes } from '@core/figure/shapes'
import { FigureShapes } from '../../kit/FigureShapes'
import { handleNames } from './part-names'
import styles from './picture.module.css'

interface PoseCanvasProps {
  figure: Figure
  /** Which pose is changed. */
  index: number
  onChange: (figure: Figure) => void
}

/** Room to go beyond a movement; the paper grows by such steps. */
const room = 20

interface Paper {
  left: number
  right: number
  top: number
  bottom: number
}

const up = (value: number) => room * Math.ceil(value / room)

/** Large enough for the movement and what was there before: it never shrinks, so that nothing jumps under the hand. */
function around(figure: Figure, before?: Paper): Paper {
  const { left, right, top, bottom } = pictureOf(figure).extent
  const middle = (left + right) / 2
  return {
    left: Math.min(before?.left ?? up(middle) - 80, -up(room / 2 - left)),
    right: Math.max(before?.right ?? up(middle) + 80, up(right + room / 2)),
    top: Math.max(before?.top ?? 110, up(top + room / 2)),
    bottom: Math.min(before?.bottom ?? -8, bottom - 4),
  }
}

/** The paper that a figure is drawn on, from when it is opened. */
function usePaper(figure: Figure) {
  const [paper, setPaper] = useState(() => around(figure))
  const needed = around(figure, paper)
  if (needed.left < paper.left || needed.right > paper.right || needed.top > paper.top || needed.bottom < paper.bottom) setPaper(needed)
  return { x: paper.left, top: paper.top, width: paper.right - paper.left, height: paper.top - paper.bottom }
}

const steps: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }

/** One pose, its joints to be dragged within what a body can do, by pointer or by the arrow keys. */
export function PoseCanvas({ figure, index, onChange }: PoseCanvasProps) {
  const canvas = useRef<HTMLDivElement>(null)
  // While a joint is dragged only the picture follows; the figure does when it is let go.
  const [held, setHeld] = useState<Figure>()
  const shown = held ?? figure
  const box = usePaper(figure)
  const pose = shown.poses[index]!
  const placed = place(pose, shown.view)
  const across = figure.mirrored ? -1 : 1
  const to = (handle: Handle, from: Figure, dx: number, dy: number) => {
    const { x, y } = handleAt(place(from.poses[index]!, from.view), handle)
    return withPose(from, index, dragged(from.poses[index]!, from.view, handle, { x: x + across * dx, y: y + dy }))
  }
  const drag = useDrag<PointerEvent>(({ args: [handle], movement: [right, down], last, canceled }) => {
    const perPixel = box.width / (canvas.current?.getBoundingClientRect().width ?? box.width)
    const next = to(handle as Handle, figure, right * perPixel, -down * perPixel)
    setHeld(last ? undefined : next)
    if (last && !canceled) onChange(next)
  })
  const press = (handle: Handle) => (event: KeyboardEvent) => {
    const step = steps[event.key]
    if (!step) return
    event.preventDefault()
    const by = event.shiftKey ? 5 : 1
    onChange(to(handle, figure, step[0] * by, step[1] * by))
  }
  return (
    <div
      className={styles.canvas}
      ref={canvas}
      style={{ aspectRatio: `${box.width} / ${box.height}`, maxWidth: `calc(52vh * ${box.width / box.height})` }}
    >
      <svg viewBox={`${box.x} ${-box.top} ${box.width} ${box.height}`} aria-hidden>
        <FigureShapes
          shapes={poseShapes(shown, pose)}
          mirroredAt={figure.mirrored ? 2 * box.x + box.width : undefined}
          ground={[box.x, box.x + box.width]}
        />
      </svg>
      {/* The far ones first, so that the near ones are taken hold of where both are. */}
      {handlesOf(pose)
        .sort((a, b) => Number(b.endsWith('1')) - Number(a.endsWith('1')))
        .map((handle) => {
          const { x, y } = handleAt(placed, handle)
          const share = (x - box.x) / box.width
          return (
            <button
              key={handle}
              type="button"
              className={styles.handle}
              data-far={handle.endsWith('1') || undefined}
              aria-label={`${handleNames(handle, shown.view)}: the arrow keys move it`}
              title={handleNames(handle, shown.view)}
              style={{ left: `${100 * (figure.mirrored ? 1 - share : share)}%`, top: `${(100 * (box.top - y)) / box.height}%` }}
              onKeyDown={press(handle)}
              {...drag(handle)}
            />
          )
        })}
    </div>
  )
}
