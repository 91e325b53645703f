import { useDrag } from '@use-gesture/react'
import { useState, type CSSProperties } from 'react'
import { formatSeconds, type Seconds } from '@core/base/units'
import ribbon from '../../../kit/ribbon.module.css'

interface RibbonEdgeProps {
  /** Where its piece is. */
  style: CSSProperties
  onStretch: (by: Seconds) => void
  secondsIn: (pixels: number) => Seconds
}

/** The edge of a piece, pulled to stretch it. */
export function RibbonEdge({ style, onStretch, secondsIn }: RibbonEdgeProps) {
  const [pulled, setPulled] = useState<number>()
  const stretched = useDrag<PointerEvent>(({ event, movement: [right], last, canceled }) => {
    event.stopPropagation()
    setPulled(last ? undefined : right)
    if (last && !canceled && Math.abs(right) > 3) onStretch(secondsIn(right))
  })
  const by = pulled === undefined ? 0 : Math.round(secondsIn(pulled) / 5) * 5
  return (
    <span
      className={`${ribbon.ribbonEdge}${pulled === undefined ? '' : ' is-pulled'}`}
      style={{ left: `calc(${style.left} + ${style.width} - 5px + ${pulled ?? 0}px)` }}
      {...stretched()}
      aria-hidden
    >
      {pulled !== undefined && <b data-testid="stretched-by">{by < 0 ? formatSeconds(by) : `+${formatSeconds(by)}`}</b>}
    </span>
  )
}
