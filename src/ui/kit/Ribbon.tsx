import { memo, type CSSProperties, type ReactNode } from 'react'
import type { Block } from '@core/timeline/blocks'
import { formatSeconds, type Seconds } from '@core/base/units'
import ribbon from './ribbon.module.css'

interface RibbonProps {
  blocks: Block[]
  total: Seconds
  /** The slot to draw it in: what is left of it stands open at the end. */
  span?: Seconds
  chosen?: string | undefined
  onChoose?: ((pieceId: string) => void) | undefined
  names?: boolean
  scale?: boolean
  /** The share of the scale that is free for times. */
  scaleShare?: number
  /** Draws a block in a way of its own, over its phases. */
  block?: (block: Block, style: CSSProperties, label: ReactNode, key: string) => ReactNode
}

/** The class to scale: lengths are seconds, transitions lower than work, rests open. */
export const Ribbon = memo(function Ribbon({
  blocks,
  total,
  span = total,
  chosen,
  onChoose,
  names = true,
  scale = true,
  scaleShare = 0.96,
  block: draw,
}: RibbonProps) {
  const keys = keysOf(blocks)
  const whole = Math.max(total, span)
  const percent = (seconds: Seconds) => `${(100 * seconds) / whole}%`
  return (
    <div>
      <div className={ribbon.ribbon} role="group" aria-label={`The class to scale, ${formatSeconds(total)} in all`}>
        {blocks.flatMap((block) =>
          block.phases.map((phase) => (
            <span
              key={phase.index}
              className={`${ribbon.ribbonPhase}${phase.seconds / whole < 0.004 ? ` ${ribbon.isThin}` : ''}${phase.optional ? ` ${ribbon.isOptional}` : ''}`}
              data-kind={phase.kind}
              style={{ left: percent(phase.start), width: `max(1px, calc(${percent(phase.seconds)} - 1.5px))` }}
            />
          )),
        )}
        {span > total && (
          <span className={ribbon.ribbonFree} style={{ left: percent(total), width: percent(span - total) }}>
            {(span - total) / whole > 0.1 && `${formatSeconds(span - total)} free`}
          </span>
        )}
        {span < total && (
          <span className={ribbon.ribbonEnd} style={{ left: percent(span) }}>
            <b>the slot ends</b>
          </span>
        )}
        {names &&
          blocks.map((block, index) => {
            const style = { left: `calc(${percent(block.start)} - 3px)`, width: `calc(${percent(block.seconds)} + 4px)` }
            const wide = block.seconds / whole > 0.05
            const label = wide ? <span className={ribbon.ribbonName}>{block.name}</span> : null
            const key = keys[index]!
            if (draw) return draw(block, style, label, key)
            if (!onChoose)
              return (
                <div key={key} className={ribbon.ribbonBlock} style={style}>
                  {label}
                </div>
              )
            return (
              <button
                key={key}
                type="button"
                className={`${ribbon.ribbonBlock}${chosen === block.pieceId ? ` ${ribbon.isChosen}` : ''}`}
                style={style}
                aria-pressed={chosen === block.pieceId}
                aria-label={`${block.name}, ${formatSeconds(block.seconds)} from ${formatSeconds(block.start)}`}
                title={`${block.name}, ${formatSeconds(block.seconds)}`}
                onClick={() => onChoose(block.pieceId)}
              >
                {label}
              </button>
            )
          })}
      </div>
      {scale && (
        <div className={ribbon.ribbonScale} aria-hidden>
          {marks(whole, scaleShare).map((at) => (
            <span key={at} style={{ left: percent(at) }}>
              {formatSeconds(at)}
            </span>
          ))}
        </div>
      )}
    </div>
  )
})

/** A key that stays with a block when it moves: its piece, the repeat, and which stretch of them it is. */
function keysOf(blocks: Block[]): string[] {
  const seen = new Map<string, number>()
  return blocks.map(({ pieceId, repeat }) => {
    const key = `${pieceId}-${repeat}`
    const nth = seen.get(key) ?? 0
    seen.set(key, nth + 1)
    return `${key}-${nth}`
  })
}

/** Five to eight round times. */
function marks(total: Seconds, share: number): Seconds[] {
  const step = [15, 30, 60, 120, 300, 600, 900, 1800, 3600].find((seconds) => total / seconds <= 8) ?? 7200
  return Array.from({ length: Math.floor((total * share) / step) + 1 }, (_, index) => index * step)
}
