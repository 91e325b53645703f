import { area, curveStepAfter } from 'd3-shape'
import { formatSeconds, type Seconds } from '@core/base/units'
import styles from './load.module.css'

interface ProfileProps {
  label: string
  /** From each start until the next, or until the end. */
  steps: readonly { start: Seconds; value: number }[]
  total: Seconds
}

/** A figure that changes along the class, drawn to the ribbon's scale. */
export function Profile({ label, steps, total }: ProfileProps) {
  const most = Math.max(2, ...steps.map(({ value }) => value))
  const top = 2 * Math.ceil(most / 2)
  const points = [...steps, { start: total, value: steps.at(-1)?.value ?? 0 }]
  const path = area<(typeof points)[number]>()
    .x(({ start }) => start)
    .y0(top)
    .y1(({ value }) => top - value)
    .curve(curveStepAfter)(points)
  const hardest = steps.find(({ value }) => value === most)
  const words = hardest ? `${label}: at most about ${most.toFixed(1)}, first at ${formatSeconds(hardest.start)}` : label
  return (
    <figure className={styles.profile}>
      <figcaption className="draft-label">{label}</figcaption>
      <div className={styles.profileArea}>
        <span className={styles.profileTop}>{top}</span>
        <svg viewBox={`0 0 ${total} ${top}`} preserveAspectRatio="none" role="img" aria-label={words}>
          {path && <path d={path} vectorEffect="non-scaling-stroke" />}
        </svg>
      </div>
    </figure>
  )
}
